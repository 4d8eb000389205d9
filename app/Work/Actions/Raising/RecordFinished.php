<?php

declare(strict_types=1);

namespace App\Work\Actions\Raising;

use App\People\Models\User;
use App\Planning\Models\Schedule;
use App\Platform\Audit\Actor;
use App\Platform\Clock\Clock;
use App\Platform\Sites\SiteDays;
use App\Work\Actions\Booking\BookHours;
use App\Work\Actions\Booking\RecordFailure;
use App\Work\Actions\Booking\UsePart;
use App\Work\Actions\Moves\CloseWorkOrder;
use App\Work\Actions\Moves\FinishWorkOrder;
use App\Work\Inputs\Assignment;
use App\Work\Inputs\FinishedWork;
use App\Work\Inputs\HoursWorked;
use App\Work\Inputs\OrderInput;
use App\Work\Models\WorkOrder;
use App\Work\Orders\OrderMoves;
use Illuminate\Support\Facades\DB;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\AfterFinish;
use Sundial\Work\FinishAnswer;
use Sundial\Work\FinishTime;
use Sundial\Work\OrderMove;
use Sundial\Work\WorkSpan;

/**
 * Writes down work that is done already, from its title to its review in one go: raised, approved by that, started,
 * booked, coded, finished; and closed, where whoever writes it down reviews it too.
 */
final readonly class RecordFinished
{
    public function __construct(
        private RaiseOrder $raise,
        private OrderMoves $moves,
        private BookHours $book,
        private UsePart $use,
        private RecordFailure $record,
        private FinishWorkOrder $finish,
        private CloseWorkOrder $close,
        private SiteDays $days,
        private Clock $clock,
    ) {
    }

    /** @return array{WorkOrder, list<Schedule>} the order, and the schedules that counted on */
    public function __invoke(User $me, OrderInput $input, FinishedWork $work): array
    {
        return DB::transaction(function () use ($me, $input, $work): array {
            $by = $me->actor();
            FinishTime::check($work->finish->at, $this->clock->now());
            $span = WorkSpan::of(array_map(static fn (HoursWorked $one): int => $one->minutes->worked(), $work->hours));
            $day = $this->days->site($input->where->site_id)->dayOf($work->finish->at);
            $doer = $work->hours[0]->person->id;
            $order = ($this->raise)(
                $by,
                $input
                    ->as($input->type, $input->priority, $day)
                    ->for(new Assignment($input->asset()?->team_id, $doer, $day)),
            );
            $order = $this->moves->make($by, $order, OrderMove::Plan, 'planned');
            $order = $this->moves->make($by, $order, OrderMove::Approve, 'approved, being finished already,');
            $order = $this->moves->make($by, $order, OrderMove::Start, 'started', null, [
                'started_at' => $span->began($work->finish->at)->format('Y-m-d H:i:s.u'),
            ]);
            $this->hours($by, $order, $work->hours, $day);
            foreach ($work->parts as $part) {
                ($this->use)($by, $order, $part);
            }
            if ($work->failed !== null) {
                ($this->record)($by, $order, $work->failed, $work->finish->finding);
            }
            [$order, $schedules] = ($this->finish)(
                $by,
                $order,
                $work->finish->at,
                $work->finish->finding,
                $work->finish->readings,
                FinishAnswer::ItIsRight,
            );

            return [$work->then === AfterFinish::Close ? ($this->close)($by, $order) : $order, $schedules];
        });
    }

    /** @param  list<HoursWorked>  $hours */
    private function hours(Actor $by, WorkOrder $order, array $hours, LocalDate $day): void
    {
        foreach ($hours as $i => $one) {
            try {
                ($this->book)($by, $order, $one->person, $day, $one->minutes);
            } catch (InvalidInput $e) {
                throw InvalidInput::because($e->cause(), "hours.{$i}.time", $e->getMessage(), $e->value);
            }
        }
    }
}
