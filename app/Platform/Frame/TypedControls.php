<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use Illuminate\Support\Arr;

/** The fields of a form, each holding what was typed or ticked there; what is hidden or secret stays as it is. */
final class TypedControls
{
    private const KEPT = ['hidden', 'file', 'password', 'submit', 'button', 'image'];

    /** @var array<string, int> how many fields of a list have been filled in */
    private array $passed = [];

    /**
     * @param  array<string, mixed>  $typed
     * @param  list<string>  $wrong  the fields that were refused
     */
    private function __construct(private readonly array $typed, private readonly array $wrong)
    {
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  list<string>  $wrong
     */
    public static function in(string $form, array $typed, array $wrong = []): string
    {
        $controls = new self($typed, $wrong);

        return (string) preg_replace_callback(
            '#<input\b[^>]*>|<textarea\b[^>]*>.*?</textarea>|<select\b[^>]*>.*?</select>#s',
            static fn (array $found): string => $controls->marked($controls->filled($found[0])),
            $form,
        );
    }

    /** Says of a field that was refused that it was, where its page does not. */
    private function marked(string $html): string
    {
        $tag = substr($html, 0, (int) strpos($html, '>') + 1);
        $key = FormInPage::key(FormInPage::attribute($tag, 'name') ?? '');
        $isWrong = in_array($key, $this->wrong, true) &&
            FormInPage::attribute($tag, 'type') !== 'hidden' &&
            ! str_contains($tag, 'aria-invalid');

        return $isWrong ? (string) preg_replace('/^<(\w+)/', '<$1 aria-invalid="true"', $html) : $html;
    }

    private function filled(string $html): string
    {
        $tag = substr($html, 0, (int) strpos($html, '>') + 1);
        $name = FormInPage::attribute($tag, 'name') ?? '';
        $type = FormInPage::attribute($tag, 'type') ?? 'text';
        if ($name === '' || in_array($type, self::KEPT, true)) {
            return $html;
        }
        if ($type === 'checkbox' || $type === 'radio') {
            return $this->ticked($tag, $name);
        }
        $typed = $this->typed($name);

        return match (true) {
            $typed === null => $html,
            str_starts_with($html, '<textarea') => $tag.e($typed).'</textarea>',
            str_starts_with($html, '<select') => self::chosen($html, $typed),
            default => self::holding($tag, $typed),
        };
    }

    /** What was typed into a field; null where it was not sent. */
    private function typed(string $name): ?string
    {
        $key = FormInPage::key($name);
        if (str_ends_with($name, '[]')) {
            $i = $this->passed[$key] ??= 0;
            $this->passed[$key]++;
            $key .= ".{$i}";
        }
        // What was left empty is kept as nothing.
        $typed = Arr::get($this->typed, $key, false);

        return match (true) {
            $typed === null => '',
            is_scalar($typed) && $typed !== false => (string) $typed,
            default => null,
        };
    }

    private function ticked(string $tag, string $name): string
    {
        $value = FormInPage::attribute($tag, 'value') ?? 'on';
        $sent = Arr::get($this->typed, FormInPage::key($name));
        $isTicked = is_array($sent)
            ? in_array($value, array_map(strval(...), array_filter($sent, is_scalar(...))), true)
            : is_scalar($sent) && (string) $sent === $value;
        $plain = (string) preg_replace('/\schecked(?:="[^"]*")?(?=[\s>\/])/', '', $tag);

        return $isTicked ? (string) preg_replace('/\s*\/?>$/', ' checked>', $plain) : $plain;
    }

    private static function chosen(string $select, string $typed): string
    {
        return (string) preg_replace_callback(
            '#<option\b([^>]*)>(.*?)(?=<option\b|</option>|</select>|</optgroup>)#s',
            static function (array $found) use ($typed): string {
                $tag = "<option{$found[1]}>";
                $value = FormInPage::attribute($tag, 'value') ??
                    trim(html_entity_decode($found[2], ENT_QUOTES | ENT_HTML5));
                $plain = (string) preg_replace('/\sselected(?:="[^"]*")?(?=[\s>])/', '', $tag);

                return ($value === $typed ? substr($plain, 0, -1).' selected>' : $plain).$found[2];
            },
            $select,
        );
    }

    private static function holding(string $tag, string $typed): string
    {
        $value = ' value="'.e($typed).'"';

        return FormInPage::attribute($tag, 'value') === null
            ? (string) preg_replace_callback('/\s*\/?>$/', static fn (): string => "{$value}>", $tag)
            : (string) preg_replace_callback('/\svalue="[^"]*"/', static fn (): string => $value, $tag, 1);
    }
}
