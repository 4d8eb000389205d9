<?php

declare(strict_types=1);

namespace Tests\Demo;

use DOMDocument;
use DOMElement;
use DOMXPath;

/** A form as somebody sees it: its fields and what they hold; filled in, sent, and compared with what comes back. */
final readonly class TypedForm
{
    private const TYPED = ['text', 'textarea', 'search', 'email', 'url'];

    private const NOT_TYPED = ['hidden', 'file', 'password'];

    /** No field takes so long a text. */
    private const TOO_LONG = 5000;

    /** @param  list<array{name: string, type: string, value: string, ticked: bool, choices: list<string>}>  $fields */
    private function __construct(public string $to, public array $fields)
    {
    }

    /** @return list<self> those that change something, in their order */
    public static function all(string $html): array
    {
        $page = new DOMDocument();
        @$page->loadHTML('<?xml encoding="utf-8"?>'.$html);
        $find = new DOMXPath($page);
        $forms = [];
        foreach ($find->query('//form') ?: [] as $form) {
            if ($form instanceof DOMElement && strtolower($form->getAttribute('method')) === 'post') {
                $fields = [];
                foreach ($find->query('.//input|.//select|.//textarea', $form) ?: [] as $field) {
                    if ($field instanceof DOMElement && $field->getAttribute('name') !== '') {
                        $fields[] = self::field($field, $find);
                    }
                }
                $forms[] = new self($form->getAttribute('action'), $fields);
            }
        }

        return $forms;
    }

    /** @return array{name: string, type: string, value: string, ticked: bool, choices: list<string>} */
    private static function field(DOMElement $field, DOMXPath $find): array
    {
        $is = [
            'name' => $field->getAttribute('name'),
            'type' => $field->nodeName === 'input' ? ($field->getAttribute('type') ?: 'text') : $field->nodeName,
            'value' => $field->nodeName === 'textarea' ? $field->textContent : $field->getAttribute('value'),
            'ticked' => $field->hasAttribute('checked'),
            'choices' => [],
        ];
        if ($is['type'] === 'checkbox' && ! $field->hasAttribute('value')) {
            $is['value'] = 'on';
        }
        foreach ($find->query('.//option', $field) ?: [] as $i => $option) {
            if ($option instanceof DOMElement) {
                $choice = $option->hasAttribute('value') ? $option->getAttribute('value') : trim($option->textContent);
                $is['choices'][] = $choice;
                $is['value'] = $i === 0 || $option->hasAttribute('selected') ? $choice : $is['value'];
            }
        }

        return $is;
    }

    /** The kind of form: where it goes and what it asks for, whatever its numbers. */
    public function kind(): string
    {
        $names = array_unique(array_column($this->fields, 'name'));

        return (string) preg_replace('/\d+/', '#', "{$this->to} ".implode(' ', $names));
    }

    /** Whether it saves what stands in it, as it is. */
    public function saves(): bool
    {
        $methods = array_filter($this->fields, static fn (array $one): bool => $one['name'] === '_method');

        return in_array('put', array_column($methods, 'value'), true);
    }

    /** @return list<int> the fields in which a text too long would be refused; none where nothing else is typed */
    public function longOnes(): array
    {
        $typed = array_filter($this->fields, static fn (array $one): bool => ! in_array(
            $one['type'],
            self::NOT_TYPED,
            true,
        ));

        return count($typed) < 2 ? [] : array_keys(array_filter(
            $typed,
            static fn (array $one): bool => in_array($one['type'], self::TYPED, true),
        ));
    }

    /** The same with something else in each field, and in one of them a text that is too long. */
    public function filled(int $tooLong): self
    {
        $fields = [];
        foreach ($this->fields as $i => $one) {
            $fields[] = match (true) {
                in_array($one['type'], self::NOT_TYPED, true) => $one,
                $i === $tooLong => ['value' => str_repeat('x', self::TOO_LONG)] + $one,
                $one['type'] === 'checkbox' => ['ticked' => ! $one['ticked']] + $one,
                $one['type'] === 'radio' => $one,
                default => ['value' => self::another($one)] + $one,
            };
        }

        return new self($this->to, $fields);
    }

    /** @param  array{type: string, value: string, choices: list<string>}  $field */
    private static function another(array $field): string
    {
        return match ($field['type']) {
            'select' => array_values(array_diff($field['choices'], [$field['value'], '']))[0] ?? $field['value'],
            'number' => '3',
            'date' => '2026-12-24',
            'datetime-local' => '2026-12-24T08:00',
            'time' => '07:15',
            'month' => '2026-12',
            default => $field['value'] === '' ? '7' : "{$field['value']}1",
        };
    }

    /** @return array<mixed> as a browser sends it */
    public function body(): array
    {
        $sent = [];
        foreach ($this->fields as $one) {
            if (! in_array($one['type'], ['checkbox', 'radio'], true) || $one['ticked']) {
                $sent[] = urlencode($one['name']).'='.urlencode($one['value']);
            }
        }
        parse_str(implode('&', $sent), $body);

        return $body;
    }

    /** @return list<string> what people see in it, field by field */
    public function shows(): array
    {
        $shown = [];
        foreach ($this->fields as $one) {
            if (! in_array($one['type'], self::NOT_TYPED, true)) {
                $shown[] = in_array($one['type'], ['checkbox', 'radio'], true)
                    ? "{$one['name']}={$one['value']}: ".($one['ticked'] ? 'ticked' : 'not ticked')
                    : "{$one['name']}: ".mb_strimwidth(trim($one['value']), 0, 60);
            }
        }

        return $shown;
    }
}
