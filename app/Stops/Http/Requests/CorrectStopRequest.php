<?php

declare(strict_types=1);

namespace App\Stops\Http\Requests;

use App\Platform\Sites\Site;
use App\Stops\Inputs\StopCorrection;
use App\Stops\Models\Stop;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Sundial\Stops\StopSpan;

/** The form with which a stop is corrected. */
final class CorrectStopRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'from_at' => ['required', 'date_format:Y-m-d\TH:i'],
            'to_at' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'stop_reason' => ['required', 'string', 'max:120'],
            'stop_note' => ['nullable', 'string', 'max:500'],
            'version' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['stop_reason.required' => 'Say what stopped it, in a few words.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'stop_reason' => 'reason',
            'from_at' => 'down since',
            'to_at' => 'runs again since',
            'stop_note' => 'note',
        ];
    }

    /** Times are those of the site's clocks. */
    public function said(Stop $stop, Site $site): StopCorrection
    {
        $given = $this->validated();

        return new StopCorrection(
            StopSpan::recorded(
                self::kept($given['from_at'], $stop->from_at, $site),
                isset($given['to_at']) ? self::kept($given['to_at'], $stop->to_at, $site) : null,
            ),
            $given['stop_reason'],
            $this->boolean('planned'),
            $given['stop_note'] ?? null,
        );
    }

    public function version(): int
    {
        return (int) $this->validated()['version'];
    }

    /** The instant that stands, where its minute was not changed; seconds are not typed. */
    private static function kept(string $typed, ?string $stands, Site $site): DateTimeImmutable
    {
        $at = (new DateTimeImmutable($typed, $site->zone()))->setTimezone(new DateTimeZone('UTC'));
        $old = Stop::instant($stands);

        return $old !== null && $old->format('Y-m-d H:i') === $at->format('Y-m-d H:i') ? $old : $at;
    }
}
