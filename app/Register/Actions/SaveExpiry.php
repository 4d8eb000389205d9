<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Documents\Document;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Register\Models\ExpiryDate;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Register\Expiry;
use Sundial\Support\InvalidInput;

/** Puts an expiry date on a record, corrects it, renews it (the old one stays), or ends it where it matters no more. */
final readonly class SaveExpiry
{
    public function __construct(private Audit $audit, private Clock $clock)
    {
    }

    /**
     * @param  array{what?: string, until?: string, warn_days?: int, document_id?: int|null, note?: string|null,
     *     renew?: bool, end?: bool} $input
     */
    public function __invoke(
        Actor $by,
        Subject $subject,
        ?ExpiryDate $date,
        array $input,
        ?int $version = null,
    ): ExpiryDate {
        return DB::transaction(function () use ($by, $subject, $date, $input, $version): ExpiryDate {
            $now = $this->clock->now()->format('Y-m-d H:i:s.u');
            $date = $date === null ? null : Versioned::lock($date, $version);
            if ($date !== null && $date->ended_at !== null) {
                throw InvalidInput::because('ended', 'form', "“{$date->what}” was renewed or ended already.");
            }
            if ($date !== null && ($input['end'] ?? false)) {
                $date->ended_at = $now;
                $date->save();
                $this->audit->record(
                    $by,
                    $date->about(),
                    "ended {$date->what}, until {$date->until}",
                    [],
                    $input['note'] ?? null,
                );

                return $date;
            }
            $until = LocalDate::parse((string) ($input['until'] ?? ''), 'until');
            $warn = (int) ($input['warn_days'] ?? ($date->warn_days ?? 30));
            $renews = $date !== null && ($input['renew'] ?? false);
            $expiry = $renews ? $date->expiry()->renewedUntil($until, $warn) : Expiry::on($until, $warn);
            if (
                isset($input['document_id']) &&
                ! Document::ofSubject($subject)->whereKey($input['document_id'])->exists()
            ) {
                throw InvalidInput::because(
                    'no_document',
                    'document_id',
                    'Choose one of the documents that stand on this record.',
                );
            }
            $before = $date?->only(['what', 'until', 'warn_days', 'note']) ?? [];
            $new =
                $renews || $date === null
                    ? new ExpiryDate([
                        'site_id' => $subject->siteId,
                        'kind' => $subject->kind,
                        'subject_id' => $subject->id,
                    ])
                    : $date;
            $new->fill([
                'what' => (string) ($input['what'] ?? $date?->what),
                'until' => (string) $expiry->until,
                'warn_days' => $warn,
                'warn_from' => (string) $expiry->warnFrom,
                'document_id' => $input['document_id'] ?? ($renews ? null : $date?->document_id),
                'note' => $input['note'] ?? null,
            ])->save();
            if ($renews) {
                $date->fill(['ended_at' => $now, 'renewed_by_id' => $new->id])->save();
            }
            $did = $renews
                ? "renewed {$new->what}, now until {$new->until}"
                : ($date === null
                    ? "put {$new->what} on it, until {$new->until}"
                    : "corrected {$new->what}");
            $this->audit->record(
                $by,
                $subject,
                $did,
                $date === null || $renews
                    ? []
                    : Audit::difference($before, $new->only(['what', 'until', 'warn_days', 'note'])),
            );

            return $new;
        });
    }
}
