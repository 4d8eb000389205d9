<?php

declare(strict_types=1);

namespace App\Stops\Http\Requests;

use App\Stops\Inputs\TabletAct;
use DateTimeImmutable;
use Illuminate\Foundation\Http\FormRequest;

/** What a tablet sends: presses in their order, with the time of its own clock. */
final class TabletActsRequest extends FormRequest
{
    /** Characters of a photo that was made small at the tablet, in base 64: 6 MB. */
    private const PHOTO = 8_000_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'now' => ['required', 'integer', 'between:0,9999999999999'],
            'acts' => ['required', 'array', 'max:200'],
            'acts.*.id' => ['required', 'uuid'],
            'acts.*.what' => ['required', 'string', 'max:12'],
            'acts.*.at' => ['required', 'integer', 'between:0,9999999999999'],
            'acts.*.words' => ['nullable', 'string', 'max:200'],
            'acts.*.note' => ['nullable', 'string', 'max:250'],
            'acts.*.of' => ['nullable', 'uuid'],
            'acts.*.stops' => ['nullable', 'integer', 'between:0,3600'],
            'acts.*.seconds' => ['nullable', 'integer', 'between:0,3600'],
            'acts.*.asset' => ['nullable', 'integer'],
            'acts.*.cause' => ['nullable', 'integer'],
            'acts.*.photo' => ['nullable', 'string', 'max:'.self::PHOTO],
        ];
    }

    /**
     * By our clock: as long ago as it was by the tablet's when it sent them.
     *
     * @return list<TabletAct>
     */
    public function acts(DateTimeImmutable $now): array
    {
        $given = $this->validated();
        $acts = [];
        foreach ($given['acts'] as $act) {
            $ago = max(0, intdiv((int) $given['now'] - (int) $act['at'], 1000));
            $acts[] = new TabletAct(
                $act['id'],
                $act['what'],
                $now->modify("-{$ago} seconds"),
                $act['words'] ?? '',
                $act['of'] ?? null,
                (int) ($act['stops'] ?? 0),
                (int) ($act['seconds'] ?? 0),
                isset($act['asset']) ? (int) $act['asset'] : null,
                isset($act['cause']) ? (int) $act['cause'] : null,
                $act['note'] ?? null,
                isset($act['photo']) ? (string) base64_decode($act['photo'], true) : null,
            );
        }

        return $acts;
    }
}
