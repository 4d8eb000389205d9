<?php

declare(strict_types=1);

namespace App\Work\Http\Requests;

use App\Platform\Drafts\Draft;
use App\Platform\Sites\Site;
use App\Platform\Writing\Typed;
use App\Work\Orders\FinishInput;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Work\FinishAnswer;

/** The form with which work is finished, and what else stands on the sheet. */
final class FinishRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'finished_at' => ['required', 'date_format:Y-m-d\TH:i'],
            'finding' => ['nullable', 'string', 'max:5000'],
            'readings' => ['nullable', 'array'],
            'readings.*' => ['nullable', 'string', 'max:20'],
            'turn' => ['nullable', 'array'],
            'turn.*' => ['nullable', 'in:confirmed,rolled over,replaced'],
            'taken' => ['nullable', 'array', 'max:200'],
            'taken.*' => ['nullable', 'string', 'max:20'],
            'old_final' => ['nullable', 'array'],
            'old_final.*' => ['nullable', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['finished_at.date_format' => 'Give the day and the time of the finish.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['finished_at' => 'finish'];
    }

    /** Times are those of the site's clocks. */
    public function finish(Site $site): FinishInput
    {
        $given = $this->validated();
        $readings = [];
        foreach ($given['readings'] ?? [] as $id => $shown) {
            if (trim((string) $shown) !== '') {
                $readings[(int) $id] = [
                    'shown' => (string) $shown,
                    'turn' => (string) ($given['turn'][$id] ?? ''),
                    'old_final' => $given['old_final'][$id] ?? null,
                ];
            }
        }

        return new FinishInput(
            (new DateTimeImmutable($given['finished_at'], $site->zone()))->setTimezone(new DateTimeZone('UTC')),
            $given['finding'] ?? null,
            $readings,
            $this->boolean('it_is_right') ? FinishAnswer::ItIsRight : FinishAnswer::NotAsked,
            array_filter(
                array_map(static fn (mixed $typed): string => trim((string) $typed), $given['taken'] ?? []),
                static fn (string $typed): bool => $typed !== '',
            ),
        );
    }

    /** What stands in the other forms of the sheet. */
    public function beside(): Draft
    {
        return $this->has('draft') ? Draft::parse(Typed::word($this, 'draft')) : Draft::none();
    }
}
