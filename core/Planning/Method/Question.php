<?php

declare(strict_types=1);

namespace Sundial\Planning\Method;

use Sundial\Planning\Record\Verdict;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;

/** What a step asks, with its unit and limits (in thousandths) or its choices. */
final readonly class Question
{
    /** @param  list<string>  $choices */
    private function __construct(
        public AnswerKind $kind,
        public ?string $unit,
        public ?int $low,
        public ?int $high,
        public array $choices,
    ) {
    }

    /**
     * @param  string|null  $unit of a number; of a reading: the unit or the name of the meter, where the asset has
     *     several
     * @param  string|null  $low  a number below it fails; a limit itself is inside
     * @param  string|null  $high  a number above it fails
     * @param  string|null  $choices  separated by commas; one written with "!" at its end is a failure
     * @param  string  $field  how the caller names the step, for errors
     *
     * @throws InvalidInput no_choices, choice_twice, crossed, not_a_quantity
     */
    public static function of(
        AnswerKind $kind,
        ?string $unit = null,
        ?string $low = null,
        ?string $high = null,
        ?string $choices = null,
        string $field = 'step',
    ): self {
        $limits = $kind === AnswerKind::Number || $kind === AnswerKind::Reading;
        [$low, $high] = array_map(
            static fn (?string $limit, string $name): ?int => ! $limits || $limit === null || trim($limit) === ''
                ? null
                : Quantity::parse($limit, "{$field}.{$name}"),
            [$low, $high],
            ['low', 'high'],
        );
        if ($low !== null && $high !== null && $low >= $high) {
            throw InvalidInput::because(
                'crossed',
                "{$field}.high",
                'The upper limit must lie above the lower one.',
                $high,
            );
        }
        $offered =
            $kind === AnswerKind::Choice
                ? array_values(
                    array_filter(
                        array_map(trim(...), explode(',', (string) $choices)),
                        static fn (string $one): bool => $one !== '',
                    ),
                )
                : [];
        if ($kind === AnswerKind::Choice && count($offered) < 2) {
            throw InvalidInput::because(
                'no_choices',
                "{$field}.choices",
                'A choice needs at least two things to choose from, separated by commas.',
                $choices,
            );
        }
        if (count(array_unique(array_map(self::bare(...), $offered))) < count($offered)) {
            throw InvalidInput::because(
                'choice_twice',
                "{$field}.choices",
                'A choice stands twice. Take one of the two away.',
                $choices,
            );
        }

        return new self(
            $kind,
            $limits && trim((string) $unit) !== '' ? trim((string) $unit) : null,
            $low,
            $high,
            $offered,
        );
    }

    /**
     * The answer that a text is, with its verdict: a number out of limits fails, and so does a choice that is marked
     * as a failure.
     *
     * @throws InvalidInput not_an_answer, not_a_quantity
     */
    public function answer(string $given): Answer
    {
        $given = trim($given);
        if ($given === '') {
            throw InvalidInput::because(
                'not_an_answer',
                'value',
                'This step asks for '.$this->kind->words().'. Give it, or leave the step open.',
            );
        }

        return match ($this->kind) {
            AnswerKind::Check => $this->checked($given),
            AnswerKind::Number, AnswerKind::Reading => new Answer(
                self::written(Quantity::parse($given, 'value')),
                $this->judge(Quantity::parse($given, 'value')),
            ),
            AnswerKind::Choice => $this->chosen($given),
            default => new Answer($given, null),
        };
    }

    /**
     * The choices as people read them.
     *
     * @return list<string>
     */
    public function offered(): array
    {
        return array_map(self::bare(...), $this->choices);
    }

    /** The limits in words: "2 to 4.5 bar", "at most 60 °C"; empty without any. */
    public function limits(): string
    {
        $unit = $this->unit === null || $this->kind === AnswerKind::Reading ? '' : " {$this->unit}";
        [$low, $high] = array_map(
            static fn (?int $limit): ?string => $limit === null ? null : self::written($limit),
            [$this->low, $this->high],
        );

        return match (true) {
            $low !== null && $high !== null => "{$low} to {$high}{$unit}",
            $high !== null => "at most {$high}{$unit}",
            $low !== null => "at least {$low}{$unit}",
            default => '',
        };
    }

    private function checked(string $given): Answer
    {
        $verdict =
            Verdict::tryFrom($given) ??
            throw InvalidInput::because(
                'not_an_answer',
                'value',
                "“{$given}” is no answer here. Choose sound, watch or faulty.",
                $given,
            );

        return new Answer($verdict->value, $verdict);
    }

    private function chosen(string $given): Answer
    {
        $at = array_search($given, $this->offered(), true);
        if ($at === false) {
            throw InvalidInput::because(
                'not_an_answer',
                'value',
                "“{$given}” is not among the choices. Choose one of: ".implode(', ', $this->offered()).'.',
                $given,
            );
        }
        $judged = array_filter($this->choices, static fn (string $one): bool => str_ends_with($one, '!')) !== [];

        return new Answer(
            $given,
            ! $judged ? null : (str_ends_with($this->choices[$at], '!') ? Verdict::Faulty : Verdict::Sound),
        );
    }

    private function judge(int $value): ?Verdict
    {
        $beyond = ($this->low !== null && $value < $this->low) || ($this->high !== null && $value > $this->high);

        return $this->low === null && $this->high === null ? null : ($beyond ? Verdict::Faulty : Verdict::Sound);
    }

    private static function bare(string $choice): string
    {
        return rtrim($choice, '! ');
    }

    /** 4.500 is written 4.5. */
    private static function written(int $thousandths): string
    {
        return rtrim(rtrim(Quantity::plain($thousandths), '0'), '.');
    }
}
