<?php

declare(strict_types=1);

namespace App\Register\Inputs;

use LogicException;
use Sundial\Register\LifeState;

/**
 * What is said of an asset; only what is named changes. A whole form answers for all that the plant needs to know of
 * it; a part, such as one cell of the table, for itself alone.
 */
final readonly class AssetFacts
{
    /** What an asset keeps of itself. */
    public const OWN = [
        'tag',
        'name',
        'class_id',
        'team_id',
        'make',
        'model',
        'serial',
        'criticality',
        'life_state',
        'in_service_on',
        'notes',
        'cost_centre_id',
        'supplier_id',
        'purchased_on',
        'purchase_cents',
        'replacement_cents',
        'warranty_until',
    ];

    /**
     * @param  array<string, mixed>  $own
     * @param  string|null  $stands  the tag of the place or asset in which it stands; null: where it stands now
     * @param  array<int, string>|null  $extra  what was typed into extra fields, by field
     */
    private function __construct(
        public array $own,
        public ?string $stands,
        public ?array $extra,
        public ?string $reason,
        public bool $isWhole,
    ) {
    }

    /**
     * @param  array<string, mixed>  $facts  those of its own by name, and stands, extra, reason
     *
     * @throws LogicException if one is no fact of an asset
     */
    public static function of(array $facts): self
    {
        return self::made($facts, true);
    }

    /**
     * The same where a part alone is filled in, and what else is needed is not asked for.
     *
     * @param  array<string, mixed>  $facts
     */
    public static function part(array $facts): self
    {
        return self::made($facts, false);
    }

    public function newTag(): ?string
    {
        return isset($this->own['tag']) ? (string) $this->own['tag'] : null;
    }

    /** @param  array<string, mixed>  $facts */
    private static function made(array $facts, bool $isWhole): self
    {
        $own = array_intersect_key($facts, array_flip(self::OWN));
        $other = array_diff(array_keys($facts), self::OWN, ['stands', 'extra', 'reason']);
        if ($other !== []) {
            throw new LogicException('No fact of an asset: '.implode(', ', $other));
        }
        if (is_string($own['life_state'] ?? null)) {
            $own['life_state'] = LifeState::from($own['life_state']);
        }

        return new self(
            $own,
            isset($facts['stands']) ? (string) $facts['stands'] : null,
            $facts['extra'] ?? null,
            isset($facts['reason']) ? (string) $facts['reason'] : null,
            $isWhole,
        );
    }
}
