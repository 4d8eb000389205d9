<?php

declare(strict_types=1);

namespace App\Work\Table;

use App\People\Models\User;
use App\Platform\Audit\Actor;
use App\Work\Actions\Moves\ApproveWorkOrder;
use App\Work\Actions\Moves\AssignWorkOrder;
use App\Work\Actions\Moves\CancelWorkOrder;
use App\Work\Actions\Moves\HoldWorkOrder;
use App\Work\Actions\Moves\RedateWorkOrder;
use App\Work\Actions\Moves\ResumeWorkOrder;
use App\Work\Actions\Moves\SetStage;
use App\Work\Actions\Moves\SetUrgency;
use App\Work\Inputs\Assignment;
use App\Work\Models\WorkOrder;
use App\Work\Queries\WaitingWords;
use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\CancelledVisit;
use Sundial\Work\Many\ChangeOfMany;
use Sundial\Work\Many\DayChange;
use Sundial\Work\Priority;

/** One change on one order, by the action that does it alone as well. */
final readonly class OneChange
{
    public function __construct(
        private AssignWorkOrder $assign,
        private RedateWorkOrder $redate,
        private SetUrgency $urge,
        private SetStage $stage,
        private ApproveWorkOrder $approve,
        private HoldWorkOrder $hold,
        private ResumeWorkOrder $resume,
        private CancelWorkOrder $cancel,
        private WaitingWords $words,
    ) {
    }

    /** What an order holds of what is changed. */
    public static function held(WorkOrder $order, ChangeOfMany $what): ?string
    {
        $id = static fn (?int $id): ?string => $id === null ? null : (string) $id;

        return match ($what) {
            ChangeOfMany::Team => $id($order->team_id),
            ChangeOfMany::Person => $id($order->assignee_id),
            ChangeOfMany::Planned => $order->planned_on,
            ChangeOfMany::Due => $order->due_on,
            ChangeOfMany::Priority => (string) $order->priority->value,
            ChangeOfMany::Stage => $order->stage,
            default => $order->state->value,
        };
    }

    /** @return bool whether it changed anything */
    public function __invoke(Actor $by, WorkOrder $order, ChangeOfMany $what, ?string $value): bool
    {
        if ($what->move() !== null) {
            $this->move($by, $order, $what, $value);

            return true;
        }
        $new = $this->value($order, $what, $value);
        if ($new === self::held($order, $what)) {
            return false;
        }
        $this->set($by, $order, $what, $new);

        return true;
    }

    /** What an order would hold after it. */
    public function value(WorkOrder $order, ChangeOfMany $what, ?string $value): ?string
    {
        if (! in_array($what, [ChangeOfMany::Planned, ChangeOfMany::Due], true) || $value === null) {
            return $value;
        }
        $held = self::held($order, $what);
        $day = DayChange::parse($value, 'value')->from($held === null ? null : LocalDate::parse($held));

        return $day === null ? null : (string) $day;
    }

    private function set(Actor $by, WorkOrder $order, ChangeOfMany $what, ?string $new): void
    {
        $day = static fn (?string $day): ?LocalDate => $day === null ? null : LocalDate::parse($day);
        $assignment = fn (?int $team, ?int $person): WorkOrder => ($this->assign)(
            $by,
            $order,
            new Assignment($team, $person, $day($order->planned_on)),
        );
        $id = $new === null ? null : (int) $new;
        match ($what) {
            ChangeOfMany::Team => $assignment($id, $order->assignee_id),
            ChangeOfMany::Person => $assignment($order->team_id, $id),
            ChangeOfMany::Planned => ($this->redate)($by, $order, $day($new) ?? throw InvalidInput::date('', 'value')),
            ChangeOfMany::Due => ($this->urge)($by, $order, $order->priority, $day($new)),
            ChangeOfMany::Priority => ($this->urge)($by, $order, Priority::from((string) $new), $day($order->due_on)),
            default => ($this->stage)($by, $order, $new),
        };
    }

    private function move(Actor $by, WorkOrder $order, ChangeOfMany $what, ?string $reason): void
    {
        $move = $what->move();
        $person = User::query()->find($by->id);
        if ($move === null || $person === null || ! $person->can('move', [$order, $move->value])) {
            throw InvalidInput::because('not_yours', 'form', 'This is not yours to do.');
        }
        match ($what) {
            ChangeOfMany::Approve => ($this->approve)($by, $order),
            ChangeOfMany::Hold => ($this->hold)($by, $order, $this->words->reason((string) $reason)),
            ChangeOfMany::Resume => ($this->resume)($by, $order),
            default => ($this->cancel)($by, $order, (string) $reason, CancelledVisit::GiveBack),
        };
    }
}
