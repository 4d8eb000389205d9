<?php

declare(strict_types=1);

namespace App\Stops\Inputs;

use App\Platform\Subject;

/** What was said when something stood: why, whether it was meant to, by which way, and what mends it. */
final readonly class StopSaid
{
    /** A stop is one press where gloves are worn: why is asked when it runs again. */
    public const NOT_YET = 'no reason yet';

    private function __construct(
        public string $reason,
        public bool $planned = false,
        public ?string $note = null,
        public string $source = 'person',
        public ?Subject $mends = null,
        public ?string $label = null,
    ) {
    }

    public static function because(string $reason): self
    {
        return new self($reason);
    }

    public static function notYet(): self
    {
        return new self(self::NOT_YET);
    }

    public function planned(bool $isPlanned): self
    {
        return $this->with(['planned' => $isPlanned]);
    }

    public function noting(?string $note): self
    {
        return $this->with(['note' => $note]);
    }

    /** @param  string  $source  tablet or signal */
    public function by(string $source): self
    {
        return $this->with(['source' => $source]);
    }

    /** What mends it, as an order. */
    public function mendedBy(Subject $subject, string $label): self
    {
        return $this->with(['mends' => $subject, 'label' => $label]);
    }

    /** @return array<string, mixed> what the stop keeps of it, its reason apart */
    public function facts(): array
    {
        return [
            'note' => $this->note,
            'source' => $this->source,
            'subject_kind' => $this->mends?->kind,
            'subject_id' => $this->mends?->id,
            'subject_label' => $this->label,
        ];
    }

    /** @param  array<string, mixed>  $change */
    private function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }
}
