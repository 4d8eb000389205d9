<?php

declare(strict_types=1);

namespace App\Work\Pages;

use App\Platform\Clock\Clock;
use App\Platform\Frame\Wording;
use App\Platform\Writing\Seen;
use App\Work\Models\Shutdown;
use App\Work\Queries\ShutdownLines;
use App\Work\Queries\ShutdownList;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Gate;
use stdClass;
use Sundial\Work\OrderState;
use Sundial\Work\Rules\Growth;
use Sundial\Work\Shutdown\ShutdownProgress;

/** A shutdown: its window, its orders in their sequence, how far it is and what is left of it. */
final readonly class ShutdownPage
{
    public function __construct(
        private ShutdownLines $lines,
        private ShutdownList $list,
        private Wording $words,
        private Clock $clock,
    ) {
    }

    /** @return array<string, mixed> */
    public function __invoke(Shutdown $shutdown): array
    {
        $lines = $this->lines->of($shutdown->id);
        $progress = self::progress($lines);
        $now = $this->clock->now();

        return [
            'shutdown' => $shutdown,
            'mayPlan' => ! $shutdown->isOver() && Gate::allows('plan', $shutdown),
            'lines' => $lines,
            'turnsSeen' => Seen::mark(array_column($this->lines->turns($shutdown->id), 1, 0)),
            'progress' => $progress,
            'fills' => $this->fills($lines),
            'late' => $lines->whereNotNull('late_reason')->count(),
            'waiting' => $lines->filter(
                static fn (stdClass $one): bool => OrderState::from((string) $one->state)->waitsForApproval(
                    Growth::tryFrom((string) $one->grown),
                ),
            )->count(),
            'state' => $this->state($shutdown, $progress),
            'fits' => $this->fits($shutdown, $progress),
            'clock' => $now >= $shutdown->window()->from && ! $shutdown->isOver()
                ? 1000 - intdiv(1000 * $shutdown->window()->minutesLeft($now), $shutdown->window()->minutes())
                : null,
            'fitting' => $shutdown->isOver() ? collect() : $this->list->fitting($shutdown),
            'isFrozen' => $shutdown->scope()->isLate($this->words->today()),
        ];
    }

    /** @param  Collection<int, stdClass>  $lines */
    public static function progress(Collection $lines): ShutdownProgress
    {
        return ShutdownProgress::of(...array_values($lines->map(ShutdownLines::order(...))->all()));
    }

    /** When it is, seen from now. */
    private function state(Shutdown $shutdown, ShutdownProgress $progress): string
    {
        $now = $this->clock->now();
        $window = $shutdown->window();

        return match (true) {
            $shutdown->isOver() => "over, said {$shutdown->over_who}",
            $now < $window->from => 'begins '.$this->words->relative($shutdown->from_at),
            $now < $window->to => $this->words->lasting($window->minutesLeft($now)).' left of the window',
            $progress->turn() === null => 'the window has ended, all is done',
            default => 'the window has ended, and not all is done',
        };
    }

    /** Whether what is left fits into what is left of the window, turn after turn. */
    private function fits(Shutdown $shutdown, ShutdownProgress $progress): ?string
    {
        $needs = $progress->sequence();
        $has = $shutdown->window()->minutesLeft($this->clock->now());
        if ($shutdown->isOver() || $needs === 0) {
            return null;
        }
        $says = 'Turn after turn, what is left takes '.$this->words->lasting($needs).' at the least';

        return $needs <= $has
            ? "{$says}; there are ".$this->words->lasting($has).'.'
            : "{$says}: ".$this->words->lasting($needs - $has).' more than there are.';
    }

    /**
     * How far each order is, in thousandths of its hours.
     *
     * @param  Collection<int, stdClass>  $lines
     * @return array<int, int>
     */
    private function fills(Collection $lines): array
    {
        $fills = [];
        foreach ($lines as $line) {
            $fills[(int) $line->id] = ShutdownProgress::of(ShutdownLines::order($line))->share();
        }

        return $fills;
    }
}
