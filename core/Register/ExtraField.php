<?php

declare(strict_types=1);

namespace Sundial\Register;

use Sundial\Calendar\LocalDate;
use Sundial\Support\InvalidInput;
use Sundial\Support\Money;
use Sundial\Support\Quantity;

/**
 * A field that the plant added to its register, and the one way in which its values are read.
 *
 * A value is kept as a plain text: a number with three places ("4.500"), money in cents ("125000"), a date as
 * year-month-day, yes as 1 and
 * no as 0, a choice, a link or a text as it is, a document as its number.
 */
final readonly class ExtraField
{
    public const LONGEST = 500;

    /** @param  list<string>  $choices */
    private function __construct(
        public string $name,
        public FieldType $type,
        public string $unit,
        public array $choices,
        public bool $required,
    ) {
    }

    /**
     * @param  list<string>  $choices  for a choice only
     *
     * @throws InvalidInput without a name, or for a choice with fewer than two different ones
     */
    public static function of(
        string $name,
        FieldType $type,
        string $unit = '',
        array $choices = [],
        bool $required = false,
    ): self {
        $name = trim($name);
        if ($name === '') {
            throw InvalidInput::because('missing', 'name', 'A field needs a name.');
        }
        $choices = array_values(
            array_unique(
                array_filter(array_map(trim(...), $choices), static fn (string $choice): bool => $choice !== ''),
            ),
        );
        if ($type === FieldType::Choice && count($choices) < 2) {
            throw InvalidInput::because('too_few', 'choices', 'A choice needs at least two, one in each line.');
        }

        return new self(
            $name,
            $type,
            $type === FieldType::Number ? trim($unit) : '',
            $type === FieldType::Choice ? $choices : [],
            $required,
        );
    }

    /**
     * The plain value of what was typed; null for nothing.
     *
     * @param  string  $key  the name of the form's field or of the file's column, for the error
     *
     * @throws InvalidInput that names the field and the way out
     */
    public function read(string $typed, string $key): ?string
    {
        $typed = trim($typed);
        if ($typed === '') {
            return $this->required ? throw InvalidInput::because('missing', $key, "{$this->name} is needed.") : null;
        }

        return match ($this->type) {
            FieldType::Number => Quantity::plain(Quantity::parse($typed, $key)),
            FieldType::Money => (string) Money::parse($typed, $key),
            FieldType::Date => (string) LocalDate::parse($typed, $key),
            FieldType::YesNo => $this->yesOrNo($typed, $key),
            FieldType::Choice => $this->choice($typed, $key),
            FieldType::Link => preg_match('~^https?://[^\s<>"]+$~iD', $typed) === 1 &&
            mb_strlen($typed) <= self::LONGEST
                ? $typed
                : throw InvalidInput::because(
                    'no_link',
                    $key,
                    "“{$typed}” is no address. It begins with https:// or http://.",
                    $typed,
                ),
            FieldType::Document => preg_match('/^[1-9]\d{0,17}$/D', $typed) === 1
                ? $typed
                : throw InvalidInput::because(
                    'no_document',
                    $key,
                    "{$this->name}: choose one of the asset's documents.",
                    $typed,
                ),
            FieldType::Text => mb_strlen($typed) <= self::LONGEST
                ? $typed
                : throw InvalidInput::because(
                    'too_long',
                    $key,
                    "{$this->name} holds at most ".
                        self::LONGEST.
                        ' characters; this has '.
                        mb_strlen($typed).
                        '.',
                    $typed,
                ),
        };
    }

    private function yesOrNo(string $typed, string $key): string
    {
        return match (mb_strtolower($typed)) {
            '1', 'yes', 'y', 'true' => '1',
            '0', 'no', 'n', 'false' => '0',
            default => throw InvalidInput::because('no_yes', $key, "“{$typed}” is neither yes nor no.", $typed),
        };
    }

    private function choice(string $typed, string $key): string
    {
        foreach ($this->choices as $choice) {
            if (mb_strtolower($choice) === mb_strtolower($typed)) {
                return $choice;
            }
        }

        throw InvalidInput::because(
            'no_choice',
            $key,
            "“{$typed}” is none of the choices of {$this->name}: ".implode(', ', $this->choices).'.',
            $typed,
        );
    }

    /**
     * A plain value as a number to sort and compare by: thousandths, cents, days since 1970, 1 for yes; null for
     * words.
     */
    public function size(string $plain): ?int
    {
        return match ($this->type) {
            FieldType::Number => Quantity::parse($plain),
            FieldType::Money, FieldType::YesNo, FieldType::Document => (int) $plain,
            FieldType::Date => LocalDate::parse($plain)->epochDay,
            default => null,
        };
    }

    /** What a form or a file shows of a plain value, so that reading it gives the same again. */
    public function typed(string $plain): string
    {
        return match ($this->type) {
            FieldType::Number => rtrim(rtrim($plain, '0'), '.'),
            FieldType::Money => Money::plain((int) $plain),
            FieldType::YesNo => $plain === '1' ? 'yes' : 'no',
            default => $plain,
        };
    }

    /**
     * Refuses a change that the values there already are would not bear.
     *
     * @param  int  $held  how many assets hold a value
     * @param  list<string>  $used  the choices that assets hold
     *
     * @throws InvalidInput when the type would change, or a choice in use would go
     */
    public function becomes(self $next, int $held, array $used = []): self
    {
        if ($held > 0 && $next->type !== $this->type) {
            throw InvalidInput::because(
                'type_fixed',
                'type',
                "{$this->name} holds values on {$held} ".
                    ($held === 1 ? 'asset' : 'assets').
                    ', so its type stays “'.
                    $this->type->value.
                    '”. Retire this field and add another, if it must hold something else.',
            );
        }
        $gone = $next->type === FieldType::Choice ? array_values(array_diff($used, $next->choices)) : [];
        if ($gone !== []) {
            throw InvalidInput::because(
                'choice_used',
                'choices',
                'Assets hold “'.implode('”, “', $gone).'”; keep that choice, or change those assets first.',
            );
        }

        return $next;
    }
}
