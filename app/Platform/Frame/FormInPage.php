<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use App\Platform\Writing\FormToken;
use App\Platform\Writing\Seen;
use Illuminate\Support\Arr;

/** A form as it stands in the page that is sent: its address, its method and its part of the page. */
final readonly class FormInPage
{
    /** Hidden fields that are others on each page, though the form is the same. */
    private const CHANGES = ['_token', FormToken::FIELD, 'version', Seen::FIELD];

    private function __construct(
        public string $html,
        private int $at,
        public string $path,
        public string $method,
    ) {
    }

    /** @return list<self> those that change something, in their order */
    public static function all(string $page): array
    {
        preg_match_all('#<form\b[^>]*>.*?</form>#s', $page, $found, PREG_OFFSET_CAPTURE);
        $forms = [];
        foreach ($found[0] as [$html, $at]) {
            $tag = substr($html, 0, (int) strpos($html, '>') + 1);
            if (strtolower(self::attribute($tag, 'method') ?? '') === 'post') {
                $path = (string) parse_url(self::attribute($tag, 'action') ?? '', PHP_URL_PATH);
                $other = preg_match('/name="_method" value="(\w+)"/', $html, $put) === 1 ? $put[1] : 'post';
                $forms[] = new self($html, $at, $path, strtolower($other));
            }
        }

        return $forms;
    }

    /** An attribute of a tag as it is read; null where it has none. */
    public static function attribute(string $tag, string $name): ?string
    {
        return preg_match('/\s'.preg_quote($name, '/').'="([^"]*)"/', $tag, $found) === 1
            ? html_entity_decode($found[1], ENT_QUOTES | ENT_HTML5)
            : null;
    }

    public function is(self $other): bool
    {
        return $this->path === $other->path && $this->method === $other->method;
    }

    /**
     * How many of the fields it asks for; none where it was sent with something hidden that says otherwise.
     *
     * @param  array<string, mixed>  $typed
     */
    public function asked(array $typed): int
    {
        preg_match_all('#<(?:input|select|textarea)\b[^>]*>#s', $this->html, $tags);
        $asked = [];
        foreach ($tags[0] as $tag) {
            $key = self::key(self::attribute($tag, 'name') ?? '');
            $isHidden = self::attribute($tag, 'type') === 'hidden';
            if ($isHidden && ! in_array($key, self::CHANGES, true) && self::differs($tag, Arr::get($typed, $key))) {
                return 0;
            }
            if (! $isHidden && $key !== '' && Arr::has($typed, $key)) {
                $asked[$key] = true;
            }
        }

        return count($asked);
    }

    private static function differs(string $tag, mixed $sent): bool
    {
        return is_scalar($sent) && (string) $sent !== (string) self::attribute($tag, 'value');
    }

    /** A field as its name is looked for: rows[3][many] is rows.3.many, also[] is also. */
    public static function key(string $name): string
    {
        return rtrim(str_replace(['[]', '[', ']'], ['', '.', ''], $name), '.');
    }

    public function replacedBy(string $page, string $html): string
    {
        return substr_replace($page, $html, $this->at, strlen($this->html));
    }

    /**
     * The page with everything unfolded in which it stands.
     *
     * @param  int  $moved  how far behind its old place it stands in the page by now
     */
    public function opened(string $page, int $moved): string
    {
        $above = substr($page, 0, $this->at + $moved);
        preg_match_all('#<details\b[^>]*>|</details>#', $above, $found, PREG_OFFSET_CAPTURE);
        $around = [];
        foreach ($found[0] as [$tag, $at]) {
            $tag === '</details>' ? array_pop($around) : ($around[] = [$tag, $at]);
        }
        foreach (array_reverse($around) as [$tag, $at]) {
            if (preg_match('/\sopen\b/', $tag) !== 1) {
                $page = substr_replace($page, substr($tag, 0, -1).' open>', $at, strlen($tag));
            }
        }

        return $page;
    }
}
