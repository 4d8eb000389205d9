<?php

declare(strict_types=1);

namespace App\Platform\Drafts;

use JsonException;
use Sundial\Support\InvalidInput;

/** What stands in the forms of one sheet and is not sent yet: the fields of each form, by the form's name. */
final readonly class Draft
{
    private const FORMS = 200;

    /** How many fields of a form are kept. */
    public const FIELDS = 60;

    /** The longest text of a field that is kept. */
    public const LONGEST = 5000;

    /** @param  array<string, array<string, string>>  $forms */
    private function __construct(public array $forms)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @throws InvalidInput when it is no draft, or holds more than a sheet does */
    public static function parse(string $json): self
    {
        try {
            $sent = json_decode($json, true, 4, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $sent = null;
        }
        if (! is_array($sent) || count($sent) > self::FORMS) {
            throw self::unreadable();
        }
        $forms = [];
        foreach ($sent as $form => $fields) {
            $forms[self::name($form)] = self::fields($fields);
        }

        return new self(array_filter($forms));
    }

    /**
     * The same, where one form holds this; nothing: the form is sent.
     *
     * @param  array<string, string>  $fields
     */
    public function with(string $form, array $fields): self
    {
        return new self(array_filter([$form => $fields] + $this->forms));
    }

    /** What stands in a field; null where nothing does. */
    public function typed(string $form, string $field): ?string
    {
        return $this->forms[$form][$field] ?? null;
    }

    /** As a page takes it; empty where nothing stands. */
    public function toJson(): string
    {
        return $this->isEmpty() ? '' : json_encode($this->forms, JSON_THROW_ON_ERROR);
    }

    public function isEmpty(): bool
    {
        return $this->forms === [];
    }

    /** @return array<string, string> */
    private static function fields(mixed $fields): array
    {
        if (! is_array($fields) || count($fields) > self::FIELDS) {
            throw self::unreadable();
        }
        $typed = [];
        foreach ($fields as $field => $value) {
            if (! is_string($value) || mb_strlen($value) > self::LONGEST) {
                throw self::unreadable();
            }
            $typed[self::name($field)] = $value;
        }

        return $typed;
    }

    private static function name(int|string $name): string
    {
        return self::isName((string) $name) ? (string) $name : throw self::unreadable();
    }

    /** Whether a form or a field may be called so. */
    public static function isName(string $name): bool
    {
        return preg_match('/^[\w\[\]-]{1,60}$/D', $name) === 1;
    }

    private static function unreadable(): InvalidInput
    {
        return InvalidInput::because('no_draft', 'draft', 'What stands on the sheet cannot be kept as it was sent.');
    }
}
