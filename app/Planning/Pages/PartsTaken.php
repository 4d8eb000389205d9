<?php

declare(strict_types=1);

namespace App\Planning\Pages;

use App\Planning\Models\Method;
use App\Planning\Models\MethodPart;
use App\Planning\Queries\UsesOfMethod;
use App\Platform\Frame\Wording;
use App\Stores\Queries\StockOf;
use stdClass;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Support\Quantity;

/** The parts that each visit takes, with what is free of them at a site; and for how many schedules that is said. */
final readonly class PartsTaken
{
    public function __construct(private StockOf $stock, private UsesOfMethod $uses, private Wording $words)
    {
    }

    /**
     * @return array{method: Method, lines: list<array{id: int, number: string, level: int, name: string, many: string,
     *     from: string|null, free: string}>, others: int, draft: int|null}
     */
    public function __invoke(Method $method, int $siteId): array
    {
        $revision = $method->inForce?->loadMissing('parts.part');
        $parts = $revision === null ? [] : $revision->parts->all();
        $ids = array_values(array_map(static fn (MethodPart $line): int => $line->part_id, $parts));
        $stock = $ids === [] ? [] : $this->stock->totals($ids, $siteId);
        $uses = ($this->uses)($method, $siteId);
        $ladder = Ladder::parse((string) $revision?->ladder);

        return [
            'method' => $method,
            'lines' => array_values(array_map(fn (MethodPart $line): array => [
                'id' => $line->part_id,
                'number' => $line->part->number,
                'level' => $line->level,
                'name' => $line->part->name,
                'many' => "{$this->words->quantity($line->quantity)} {$line->part->unit}",
                'from' => $ladder === null || $line->level === 1 ? null : $ladder->name($line->level),
                'free' => self::free($stock[$line->part_id] ?? null),
            ], $parts)),
            'others' => $uses['schedules'] - 1,
            'draft' => $uses['draft'],
        ];
    }

    private static function free(?stdClass $of): string
    {
        return $of === null
            ? 'in no store here'
            : Quantity::words(Quantity::parse((string) $of->on_hand) - Quantity::parse((string) $of->promised)).' free';
    }
}
