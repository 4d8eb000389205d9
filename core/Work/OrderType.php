<?php

declare(strict_types=1);

namespace Sundial\Work;

/**
 * What a work order is for: one of the plant's types, each planned or unplanned work. Some come with Sundial, and three
 * of those cannot go, for the application itself makes orders of them.
 */
final readonly class OrderType
{
    public const PREVENTIVE = 'preventive';

    public const CORRECTIVE = 'corrective';

    public const EMERGENCY = 'emergency';

    /** Those with which a plant begins. */
    public const SHIPPED = [
        self::PREVENTIVE => WorkKind::Planned,
        'inspection' => WorkKind::Planned,
        'improvement' => WorkKind::Planned,
        self::CORRECTIVE => WorkKind::Unplanned,
        self::EMERGENCY => WorkKind::Unplanned,
    ];

    private function __construct(public string $name, public WorkKind $kind)
    {
    }

    public static function of(string $name, WorkKind $kind): self
    {
        return new self($name, $kind);
    }

    /** What schedules ask for, where their method says nothing else. */
    public static function preventive(): self
    {
        return new self(self::PREVENTIVE, WorkKind::Planned);
    }

    /** What is made of a fault. */
    public static function corrective(): self
    {
        return new self(self::CORRECTIVE, WorkKind::Unplanned);
    }

    /** What cannot wait for a plan. */
    public static function emergency(): self
    {
        return new self(self::EMERGENCY, WorkKind::Unplanned);
    }

    public function isEmergency(): bool
    {
        return $this->name === self::EMERGENCY;
    }

    /** Whether the plant can do without it. */
    public function canBeRetired(): bool
    {
        return ! in_array($this->name, [self::PREVENTIVE, self::CORRECTIVE, self::EMERGENCY], true);
    }

    /** Whether work of this type counts as planned. */
    public function isPlanned(): bool
    {
        return $this->kind === WorkKind::Planned;
    }

    /**
     * Whether it has to be told what failed before the order is closed. What a schedule asked for is no failure,
     * whatever the type.
     */
    public function asksWhatFailed(bool $coversVisits): bool
    {
        return ! $this->isPlanned() && ! $coversVisits;
    }
}
