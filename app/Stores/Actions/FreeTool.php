<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Stores\Models\Tool;
use App\Stores\Models\ToolBooking;
use Illuminate\Support\Facades\DB;

/** Gives a special tool free again that something had booked. */
final readonly class FreeTool
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, Tool $tool, Subject $for): void
    {
        DB::transaction(function () use ($by, $tool, $for): void {
            $booking = ToolBooking::query()
                ->where('tool_id', $tool->id)
                ->where('subject_kind', $for->kind)
                ->where('subject_id', $for->id)
                ->lockForUpdate()
                ->first();
            if ($booking !== null) {
                $booking->delete();
                $this->audit->record($by, $tool->subject(), "gave {$tool->name} free", [], $booking->label, [$for]);
            }
        });
    }
}
