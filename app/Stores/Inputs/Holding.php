<?php

declare(strict_types=1);

namespace App\Stores\Inputs;

use Sundial\Life\Weibull;
use Sundial\Stock\Exposure;
use Sundial\Stock\FailureDemand;
use Sundial\Stock\FailurePolicy;
use Sundial\Stock\Maintained;
use Sundial\Support\InvalidInput;

/** With what it is reckoned how many of a part to hold: its failures, the time that has to be lasted, the certainty. */
final readonly class Holding
{
    public const YEAR = 365.25;

    /** @param  array<string, string>  $said  as typed, by field */
    private function __construct(public array $said)
    {
    }

    public const FIELDS = [
        'source', 'rate', 'units', 'policy', 'beta', 'eta', 'interval', 'exposure', 'length', 'turnaround', 'scrapped',
        'review', 'service', 'holding',
    ];

    /**
     * @param  array<string, string|null>  $typed
     * @param  array<string, string|null>  $usual  what stands in a field that is empty
     */
    public static function typed(array $typed, array $usual): self
    {
        $said = [];
        foreach (self::FIELDS as $field) {
            $text = trim((string) ($typed[$field] ?? ''));
            $said[$field] = $text === '' ? (string) ($usual[$field] ?? '') : $text;
        }

        return new self($said);
    }

    public function text(string $field): string
    {
        return $this->said[$field];
    }

    /** @throws InvalidInput not_a_number */
    public function number(string $field): float
    {
        $plain = str_replace([' ', ',', "\u{202f}"], ['', '.', ''], $this->said[$field]);

        return is_numeric($plain) && is_finite((float) $plain) && (float) $plain >= 0
            ? (float) $plain
            : throw InvalidInput::because(
                'not_a_number',
                $field,
                'Write a number at 0 or above, such as 12 or 2.5.',
                $this->said[$field],
            );
    }

    /** In days. */
    public function exposure(): Exposure
    {
        return match ($this->said['exposure']) {
            'horizon' => Exposure::horizon($this->number('length') * self::YEAR),
            'interval' => Exposure::interval($this->number('interval')),
            'repair' => Exposure::repair(
                $this->number('turnaround'),
                $this->number('scrapped') / 100,
                Exposure::resupply(
                    max(0.0, $this->number('length') - $this->number('review')),
                    min($this->number('review'), $this->number('length')),
                ),
            ),
            default => Exposure::resupply($this->number('length'), 0.0),
        };
    }

    public function failures(): FailureDemand
    {
        if ($this->said['source'] !== 'life') {
            return FailureDemand::atRate($this->number('rate') / self::YEAR, $this->number('units'), $this->exposure());
        }

        return FailureDemand::ofUnits(
            Maintained::by(
                FailurePolicy::tryFrom($this->said['policy']) ?? FailurePolicy::RunToFailure,
                Weibull::of($this->number('beta'), $this->number('eta')),
                $this->number('interval'),
            ),
            $this->number('units'),
            $this->exposure(),
        );
    }

    /** A share: 0.99 for 99 %. */
    public function service(): float
    {
        return $this->number('service') / 100;
    }
}
