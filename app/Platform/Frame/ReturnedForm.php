<?php

declare(strict_types=1);

namespace App\Platform\Frame;

use App\Platform\Middleware\NoteRefused;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ViewErrorBag;

/**
 * The page on which a refused form comes back: that form holds all that was typed and ticked, and stands open. The
 * other forms of the page hold what they held before: nobody saves with one what was typed into another.
 */
final readonly class ReturnedForm
{
    /**
     * @param  array<string, mixed>  $typed
     * @param  list<string>  $wrong  the fields that were refused
     */
    private function __construct(
        private string $path,
        private string $method,
        private array $typed,
        private array $wrong,
    ) {
    }

    /** @param  Closure(): string  $render */
    public static function in(Closure $render, Request $request): string
    {
        $html = $render();
        $session = $request->hasSession() ? $request->session() : null;
        $refused = $session?->get(NoteRefused::KEY);
        $typed = $session?->get('_old_input');
        if (! $session instanceof Store || ! is_array($refused) || ! is_array($typed) || $typed === []) {
            return $html;
        }
        $errors = $session->get('errors');
        $wrong = $errors instanceof ViewErrorBag ? $errors->getBag('default')->keys() : [];
        $form = new self($refused['path'], $refused['method'], $typed, array_values($wrong));

        return $form->giveBack($html, static fn (): string => self::untouched($render, $session));
    }

    /**
     * The page as it would be, had nothing been typed.
     *
     * @param  Closure(): string  $render
     */
    private static function untouched(Closure $render, Store $session): string
    {
        $errors = View::shared('errors');
        $typed = $session->get('_old_input');
        $session->put('_old_input', []);
        View::share('errors', new ViewErrorBag());
        try {
            return $render();
        } finally {
            $session->put('_old_input', $typed);
            View::share('errors', $errors);
        }
    }

    /** @param  Closure(): string  $untouched */
    private function giveBack(string $html, Closure $untouched): string
    {
        $forms = FormInPage::all($html);
        $mine = $this->mine($forms);
        if ($mine === null) {
            return $html;
        }
        $before = count($forms) === 1 ? [] : FormInPage::all($untouched());
        $moved = 0;
        // The last first, so that those before it stay where they are.
        for ($i = count($forms) - 1; $i >= 0; $i--) {
            $one = $forms[$i];
            $now = match (true) {
                $i === $mine => TypedControls::in($one->html, $this->typed, $this->wrong),
                isset($before[$i]) && $before[$i]->is($one) => $before[$i]->html,
                default => $one->html,
            };
            $html = $one->replacedBy($html, $now);
            $moved += $i < $mine ? strlen($now) - strlen($one->html) : 0;
        }

        return $forms[$mine]->opened($html, $moved);
    }

    /**
     * The one that was sent: of several with the same address, the one that asks for most of what was typed.
     *
     * @param  list<FormInPage>  $forms
     */
    private function mine(array $forms): ?int
    {
        $best = null;
        $most = 0;
        foreach ($forms as $i => $one) {
            $asked = $one->path === $this->path && $one->method === $this->method ? $one->asked($this->typed) : 0;
            if ($asked > $most) {
                [$best, $most] = [$i, $asked];
            }
        }

        return $best;
    }
}
