<?php

declare(strict_types=1);

namespace App\Stores\Pages;

use App\Platform\Sites\CurrentSite;
use App\Stores\Inputs\Holding;
use App\Stores\Models\Part;
use App\Stores\Models\Stock;
use App\Stores\Queries\HoldingBasis;
use Illuminate\Support\Collection;
use Sundial\Register\Criticality;
use Sundial\Stock\Spares;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** How many to hold of all critical parts of a site: those first of which too few are held. */
final readonly class HoldListPage
{
    private const MOST = 300;

    public function __construct(private CurrentSite $site, private HoldingBasis $basis)
    {
    }

    /** @return array<string, mixed> */
    public function __invoke(): array
    {
        $siteId = $this->site->id();
        $rows = Stock::query()
            ->with('part')
            ->where('site_id', $siteId)
            ->whereHas('part', static fn ($one) => $one
                ->where('criticality', '<>', Criticality::C->value)
                ->where('retired', false))
            ->orderBy('id')
            ->get()
            ->toBase()
            ->groupBy('part_id')
            ->take(self::MOST);
        $usual = $this->basis->usual($rows->map(static fn (Collection $some) => $some->firstOrFail()->part), $siteId);
        $lines = [];
        foreach ($rows as $id => $some) {
            $line = $this->line($some, $usual[$id]);
            if ($line !== null) {
                $lines[] = $line;
            }
        }
        $missing = static fn (array $one): int => max(0, (int) $one['wanted'] * 1000 - (int) ($one['point'] ?? 0));
        usort($lines, static fn (array $a, array $b): int => [
            -$missing($a),
            $a['part']->criticality,
            $a['part']->name,
        ] <=> [-$missing($b), $b['part']->criticality, $b['part']->name]);

        return [
            'lines' => $lines,
            'says' => self::says(count(array_filter($lines, static fn (array $one): bool => $missing($one) > 0))),
        ];
    }

    /**
     * Of one part, as the list says it.
     *
     * @param  Collection<int, Stock>  $rows
     * @return array<string, mixed>|null
     */
    public function of(Part $part, Collection $rows): ?array
    {
        return $this->line($rows, $this->basis->usual([$part], $this->site->id())[$part->id]);
    }

    /**
     * @param  Collection<int, Stock>  $rows
     * @param  array<string, string>  $usual
     * @return array<string, mixed>|null
     */
    private function line(Collection $rows, array $usual): ?array
    {
        $first = $rows->firstOrFail();
        $said = Holding::typed([], HoldingBasis::agreed($first) + $usual);
        try {
            $failures = $said->failures();
            $spares = Spares::against($failures, $said->service());
        } catch (InvalidInput) {
            return null;
        }

        return [
            'part' => $first->part,
            'wanted' => $spares->s,
            'mean' => $failures->mean,
            'days' => $said->exposure()->length,
            'service' => $said->text('service'),
            'point' => $rows->whereNotNull('reorder_point')->isEmpty()
                ? null
                : (int) $rows->sum(static fn (Stock $one): int => $one->point() ?? 0),
            'held' => (int) $rows->sum(static fn (Stock $one): int => Quantity::parse($one->on_hand)),
            'chance' => $spares->noStockOut(max(0, intdiv((int) $rows->sum(
                static fn (Stock $one): int => $one->point() ?? 0,
            ), 1000))),
            'agreed' => HoldingBasis::agreed($first) !== [],
        ];
    }

    private static function says(int $few): string
    {
        return match ($few) {
            0 => 'All of them stand at their figure or above.',
            1 => '1 reorder point lies below what the figure asks for.',
            default => "{$few} reorder points lie below what the figure asks for.",
        };
    }
}
