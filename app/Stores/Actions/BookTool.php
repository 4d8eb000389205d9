<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Stores\Models\Tool;
use App\Stores\Models\ToolBooking;
use Illuminate\Support\Facades\DB;
use Sundial\Stock\ToolDays;
use Sundial\Support\InvalidInput;

/** Books a special tool for something on some days; two that want it on one day are both kept, and told. */
final readonly class BookTool
{
    public function __construct(private Audit $audit)
    {
    }

    /** Refuses: retired. */
    public function __invoke(Actor $by, Tool $tool, Subject $for, string $label, ToolDays $days): ToolBooking
    {
        return DB::transaction(function () use ($by, $tool, $for, $label, $days): ToolBooking {
            $tool = Versioned::lock($tool, null);
            if ($tool->retired) {
                throw InvalidInput::because('retired', 'tool', "{$tool->name} is no longer used.");
            }
            $booking = ToolBooking::query()->updateOrCreate(
                ['tool_id' => $tool->id, 'subject_kind' => $for->kind, 'subject_id' => $for->id],
                [
                    'site_id' => $tool->site_id,
                    'label' => mb_substr($label, 0, 200),
                    'from_on' => (string) $days->from,
                    'to_on' => (string) $days->to,
                    'who' => $by->name,
                ],
            );
            $this->audit->record(
                $by,
                $tool->subject(),
                "booked {$tool->name} for {$label}, {$days->from->inWords()} to {$days->to->inWords()}",
                [],
                null,
                [$for],
            );

            return $booking;
        });
    }
}
