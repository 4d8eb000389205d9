<?php

declare(strict_types=1);

namespace Sundial\Work\Request;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Work\Priority;

/**
 * Which priority is proposed for how soon somebody wants it and how much depends on the asset, and within how many
 * days work of each priority is due. The plant sets both; what stands here is where it begins.
 */
final readonly class PriorityTable
{
    private const FIRST = [
        'can wait' => ['A' => 'soon', 'B' => 'routine', 'C' => 'routine'],
        'this shift' => ['A' => 'urgent', 'B' => 'urgent', 'C' => 'soon'],
        'at once' => ['A' => 'emergency', 'B' => 'urgent', 'C' => 'urgent'],
    ];

    private const FIRST_DAYS = ['routine' => 28, 'soon' => 7, 'urgent' => 1, 'emergency' => 0];

    private const MOST_DAYS = 365;

    /**
     * @param  array<string, array<string, Priority>>  $proposed  by how soon, then by criticality
     * @param  array<string, int>  $days  by priority
     */
    private function __construct(private array $proposed, private array $days)
    {
    }

    /** The table of a plant that has not set its own. */
    public static function first(): self
    {
        return self::of([], []);
    }

    /**
     * What a plant has set; the rest as it began.
     *
     * @param  array<string, string>  $set  priorities by how soon and criticality, such as "at once A"
     * @param  array<string, int>  $days  by priority
     *
     * @throws InvalidInput if days are below 0 or above 365
     */
    public static function of(array $set, array $days): self
    {
        $proposed = [];
        foreach (self::FIRST as $soon => $row) {
            foreach ($row as $criticality => $first) {
                $proposed[$soon][$criticality] = Priority::from($set["{$soon} {$criticality}"] ?? $first);
            }
        }
        foreach ($days as $priority => $within) {
            if ($within < 0 || $within > self::MOST_DAYS) {
                throw InvalidInput::because(
                    'out_of_range',
                    "days.{$priority}",
                    'Say within how many days it is due, from 0 to '.self::MOST_DAYS.'.',
                    $within,
                );
            }
        }

        return new self($proposed, $days + self::FIRST_DAYS);
    }

    /** @param  string|null  $criticality  A, B or C; a place has none, and counts as B */
    public function proposed(HowSoon $soon, ?string $criticality): Priority
    {
        return $this->proposed[$soon->value][$criticality ?? 'B'] ?? $this->proposed[$soon->value]['B'];
    }

    public function within(Priority $priority): int
    {
        return $this->days[$priority->value];
    }

    public function due(Priority $priority, LocalDate $today): LocalDate
    {
        return $today->plusDays($this->within($priority));
    }
}
