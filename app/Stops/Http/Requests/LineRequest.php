<?php

declare(strict_types=1);

namespace App\Stops\Http\Requests;

use App\Platform\Sites\CurrentSite;
use App\Platform\Sites\OnSite;
use App\Stops\Inputs\LineInput;
use App\Stops\Models\Line;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Support\Money;

/** The form of a line: which parts stop it, what is speed, what an hour is worth. */
final class LineRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(CurrentSite $site): array
    {
        $line = $this->route('plantLine');
        $siteId = $line instanceof Line ? $line->site_id : $site->id();

        return [
            'tag' => $line instanceof Line ? ['prohibited'] : ['required', 'string', 'max:40'],
            'part_ids' => ['nullable', 'array', 'max:60', OnSite::record('assets', $siteId, 'asset')],
            'part_ids.*' => ['integer'],
            'speed_below' => ['nullable', 'integer', 'min:0', 'max:3600'],
            'hour' => ['nullable', 'string', 'max:20'],
            'idle_after' => ['nullable', 'integer', 'min:1', 'max:3600'],
            'lowest_percent' => ['nullable', 'integer', 'between:1,99'],
            'version' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'part_ids' => 'parts',
            'speed_below' => 'seconds',
            'hour' => 'worth of an hour',
            'idle_after' => 'seconds',
            'lowest_percent' => 'percent',
        ];
    }

    public function assetTag(): string
    {
        return $this->validated()['tag'];
    }

    public function said(): LineInput
    {
        $given = $this->validated();
        $hour = $given['hour'] ?? null;

        return new LineInput(
            array_values(array_map(intval(...), $given['part_ids'] ?? [])),
            (int) ($given['speed_below'] ?? 0),
            $hour === null ? null : Money::parse($hour, 'hour'),
            isset($given['idle_after']) ? (int) $given['idle_after'] : null,
            isset($given['lowest_percent']) ? (int) $given['lowest_percent'] : null,
            $this->route('plantLine') !== null && ! $this->boolean('in_use'),
        );
    }
}
