<?php

declare(strict_types=1);

namespace App\Register\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Documents\Document;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Register\Inputs\ExpiryInput;
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

    public function __invoke(
        Actor $by,
        Subject $subject,
        ?ExpiryDate $date,
        ExpiryInput $input,
        ?int $version = null,
    ): ExpiryDate {
        return DB::transaction(function () use ($by, $subject, $date, $input, $version): ExpiryDate {
            $now = $this->clock->now()->format('Y-m-d H:i:s.u');
            $date = $date === null ? null : Versioned::lock($date, $version);
            if ($date !== null && $date->ended_at !== null) {
                throw InvalidInput::because('ended', 'form', "“{$date->what}” was renewed or ended already.");
            }
            if ($date !== null && $input->until === null) {
                $date->ended_at = $now;
                $date->save();
                $this->audit->record(
                    $by,
                    $date->about(),
                    "ended {$date->what}, until ".LocalDate::parse($date->until)->inWords(),
                );

                return $date;
            }
            $until = $input->until ?? throw InvalidInput::because('missing', 'until', 'Give the last day.');
            $warn = $input->warnDays ?? ($date->warn_days ?? 30);
            $renews = $date !== null && $input->renews;
            $expiry = $renews ? $date->expiry()->renewedUntil($until, $warn) : Expiry::on($until, $warn);
            if (
                $input->documentId !== null &&
                ! Document::ofSubject($subject)->whereKey($input->documentId)->exists()
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
                'what' => (string) ($input->what ?? $date?->what),
                'until' => (string) $expiry->until,
                'warn_days' => $warn,
                'warn_from' => (string) $expiry->warnFrom,
                'document_id' => $input->documentId ?? ($renews ? null : $date?->document_id),
                'note' => $input->note,
            ]);
            if (! Versioned::save($new)) {
                return $new;
            }
            if ($renews) {
                $date->fill(['ended_at' => $now, 'renewed_by_id' => $new->id])->save();
            }
            $did = $renews
                ? "renewed {$new->what}, now until {$until->inWords()}"
                : ($date === null
                    ? "put {$new->what} on it, until {$until->inWords()}"
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
