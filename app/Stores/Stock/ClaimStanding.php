<?php

declare(strict_types=1);

namespace App\Stores\Stock;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Stores\Inputs\PartsWanted;
use App\Stores\Models\Claim;
use Sundial\Calendar\LocalDate;
use Sundial\Stock\GivingWay;
use Sundial\Stock\NewClaim;
use Sundial\Stock\Resupply;
use Sundial\Support\Quantity;

/**
 * Stands one claim of a part in a store that is held. What outranks others gets theirs where resupply still serves them
 * in time; both are told.
 */
final readonly class ClaimStanding
{
    public function __construct(private Audit $audit)
    {
    }

    public function stand(HeldStock $held, PartsWanted $wanted, int $thousandths, Resupply $coming): void
    {
        $claim = $held->claim($wanted->key());
        if ($thousandths === 0) {
            if ($claim !== null) {
                $held->drop($claim);
                $held->refill();
            }

            return;
        }
        $alone = $claim === null ? self::alone($held, $thousandths, $coming) : null;
        if ($alone !== null) {
            $held->putAlone(self::fill(self::claim($held, $wanted), $wanted, $thousandths, $alone));

            return;
        }
        $claim ??= self::claim($held, $wanted);
        self::fill($claim, $wanted, $thousandths, min($thousandths, $claim->promised()))->save();
        $held->put($claim);
        $held->refill();
        $this->outrank($held, $wanted->key(), $coming);
    }

    /** What a new claim gets where nobody else's changes by it; null: it is weighed against the others. */
    private static function alone(HeldStock $held, int $thousandths, Resupply $coming): ?int
    {
        return NewClaim::alone(
            $thousandths,
            $held->row->free(),
            $held->waits(),
            $held->waitsElsewhere(),
            $coming->until(null),
        );
    }

    private static function claim(HeldStock $held, PartsWanted $wanted): Claim
    {
        return new Claim([
            'site_id' => $held->row->site_id,
            'stock_id' => $held->row->id,
            'subject_kind' => $wanted->for->kind,
            'subject_id' => $wanted->for->id,
        ]);
    }

    private static function fill(Claim $claim, PartsWanted $wanted, int $thousandths, int $promised): Claim
    {
        return $claim->fill([
            'label' => $wanted->label,
            'who' => $wanted->who,
            'quantity' => Quantity::plain($thousandths),
            'promised' => Quantity::plain($promised),
            'picked' => Quantity::plain(min($promised, $claim->picked())),
            'needed_on' => $wanted->neededOn,
            'strokes' => $wanted->strokes,
            'approved_at' => $claim->approved_at ?? $wanted->approvedAt,
        ]);
    }

    /** What is promised to lower ones moves to it, where what is on its way still serves them by their day. */
    private function outrank(HeldStock $held, string $key, Resupply $coming): void
    {
        $claim = $held->claim($key);
        if ($claim === null || $claim->short() === 0) {
            return;
        }
        $rank = $held->rank($key);
        $others = $held
            ->claims()
            ->reverse()
            ->filter(static fn (Claim $one, string $of): bool => $one->promised !== $one->picked &&
                $rank->outranks($held->rank($of)))
            ->map(static fn (Claim $one, string $of): array => [
                $of,
                $held->rank($of),
                $one->promised() - $one->picked(),
                $one->needed_on === null ? null : LocalDate::parse($one->needed_on),
            ]);
        if ($others->isEmpty()) {
            return;
        }
        // Whoever waits already counts on what comes first.
        $left = $coming->less(
            $held->claims()->sum(static fn (Claim $one): int => $one->key() === $key ? 0 : $one->short()),
        );
        $givers = GivingWay::to($rank, $left)->givers(array_values($others->all()));
        if ($givers === []) {
            return;
        }
        $taking = $held->promises()->giveWay($key, $givers);
        foreach ($taking->takesFrom as $from => $many) {
            $this->tell($held, $claim, $held->claim((string) $from), $many);
        }
        $held->keep($taking->after);
    }

    private function tell(HeldStock $held, Claim $to, ?Claim $from, int $thousandths): void
    {
        if ($from === null) {
            return;
        }
        $words = Quantity::words($thousandths)." {$held->row->part->unit} ".
            $held->row->part->name;
        $this->audit->record(
            Actor::sundial(),
            Subject::of($to->subject_kind, $to->subject_id, $to->site_id),
            "promised {$words} to {$to->label} instead of {$from->label}, which resupply still serves in time",
            [],
            null,
            [Subject::of($from->subject_kind, $from->subject_id, $from->site_id), $held->row->part->subject()],
        );
    }
}
