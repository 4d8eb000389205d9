<?php

declare(strict_types=1);

namespace App\Work\Actions\Moves;

use App\People\Models\User;
use App\Planning\Models\Schedule;
use App\Platform\Drafts\Draft;
use App\Platform\Frame\Wording;
use App\Platform\Sites\SiteDays;
use App\Stops\Actions\ReportRunning;
use App\Work\Actions\Booking\AnswerStep;
use App\Work\Actions\Booking\StopTimer;
use App\Work\Actions\Booking\UsePart;
use App\Work\Inputs\PartUsed;
use App\Work\Inputs\StepReply;
use App\Work\Models\Timer;
use App\Work\Models\WorkOrder;
use App\Work\Orders\FinishInput;
use App\Work\Orders\SheetForms;
use App\Work\Orders\TypedBooking;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/**
 * Finishes the work with all that stands on its sheet: answers and hours that were typed and not kept yet are kept
 * first. Where one of them cannot be, nothing is finished.
 */
final readonly class FinishWithSheet
{
    public function __construct(
        private FinishWorkOrder $finish,
        private AnswerStep $answer,
        private TypedBooking $book,
        private UsePart $use,
        private StopTimer $stop,
        private ReportRunning $runs,
        private Wording $words,
        private SiteDays $sites,
    ) {
    }

    /** @return array{list<Schedule>, list<string>} the schedules that counted on, and what was kept besides */
    public function __invoke(User $me, WorkOrder $order, FinishInput $finish, Draft $beside): array
    {
        return DB::transaction(function () use ($me, $order, $finish, $beside): array {
            $kept = [
                ...$this->clock($me, $order),
                ...$this->answers($me, $order, $beside),
                ...$this->hours($me, $order, $beside),
                ...$this->parts($me, $order, $finish->taken),
            ];
            [, $schedules] = ($this->finish)(
                $me->actor(),
                $order,
                $finish->at,
                $finish->finding,
                $finish->readings,
                $finish->answer,
            );

            return [$schedules, [...$kept, ...$this->run($me, $order, $finish->runsFrom)]];
        });
    }

    /** @return list<string> */
    private function run(User $me, WorkOrder $order, ?DateTimeImmutable $from): array
    {
        if ($from === null || $order->asset === null) {
            return [];
        }
        ($this->runs)($me->actor(), $order->asset, $from);

        return ["The stop of {$order->asset->name} is ended."];
    }

    /** @return list<string> what my clock counted, where it runs on this order */
    private function clock(User $me, WorkOrder $order): array
    {
        if (! Timer::query()->where('user_id', $me->id)->where('order_id', $order->id)->exists()) {
            return [];
        }

        return ["Your clock is stopped: {$this->words->minutes(($this->stop)($me)->minutes)} are booked."];
    }

    /** @return list<string> */
    private function answers(User $me, WorkOrder $order, Draft $beside): array
    {
        $kept = 0;
        foreach ($beside->forms as $form => $fields) {
            $position = SheetForms::step($form);
            if ($position === null || trim($fields['value'] ?? '') === '') {
                continue;
            }
            $meter = $fields['meter_id'] ?? '';
            try {
                ($this->answer)(
                    $me->actor(),
                    $order,
                    $position,
                    StepReply::typed($fields['value'] ?? '')->of(
                        ctype_digit($meter) ? (int) $meter : null,
                        $fields['turn'] ?? '',
                        $fields['old_final'] ?? null,
                    ),
                );
            } catch (InvalidInput $e) {
                throw InvalidInput::because($e->cause(), 'step', "Step {$position}: {$e->getMessage()}", $e->value);
            }
            $kept++;
        }

        return $kept === 0 ? [] : [$kept === 1 ? '1 answer is kept.' : "{$kept} answers are kept."];
    }

    /** @return list<string> */
    private function hours(User $me, WorkOrder $order, Draft $beside): array
    {
        $typed = $beside->forms[SheetForms::BOOKING] ?? [];
        $times = array_filter([$typed['time'] ?? '', $typed['time_half'] ?? '', $typed['time_double'] ?? '']);
        if ($times === []) {
            return [];
        }
        $booking = ($this->book)($me, $order, $typed + [
            'user_id' => (string) $me->id,
            'worked_on' => (string) $this->sites->today($order->site_id),
        ]);

        return [implode(' and ', $times)." booked for {$booking->person->name}."];
    }

    /**
     * @param  array<int, string>  $taken  how many of each planned part were used, by line
     * @return list<string>
     */
    private function parts(User $me, WorkOrder $order, array $taken): array
    {
        $said = [];
        foreach ($order->parts()->whereIn('id', array_keys($taken))->get() as $line) {
            $quantity = Quantity::parse($taken[$line->id], "taken.{$line->id}");
            if ($quantity !== 0) {
                $used = PartUsed::ofLine($line, $quantity)->typedIn("taken.{$line->id}");
                $said[] = ($this->use)($me->actor(), $order, $used)->name;
            }
        }

        return $said === [] ? [] : ['Taken: '.implode(', ', $said).'.'];
    }
}
