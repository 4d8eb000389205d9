<?php

declare(strict_types=1);

namespace App\Platform\Drafts;

use App\Platform\Subject;
use App\Platform\Writing\Typed;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Sundial\Support\InvalidInput;
use Symfony\Component\HttpFoundation\Response;

/**
 * Keeps the rest of a sheet when one of its forms is sent: every button posts all that stands on the sheet. What was
 * refused stays in the draft too, with what stands beside it.
 *
 * Used with the kind of the record and the name of its part of the address: draft:order.
 */
final readonly class KeepDraft
{
    public function __construct(private Drafts $drafts, private TakenForms $taken)
    {
    }

    public function handle(Request $request, Closure $next, string $kind): Response
    {
        $response = $next($request);
        $record = $request->route($kind);
        $userId = $request->user()?->getAuthIdentifier();
        if ($request->isMethod('GET') || ! $record instanceof Model || ! is_int($userId) || ! $request->has('draft')) {
            return $response;
        }
        $form = Typed::word($request, 'draft_form');
        $subject = Subject::of($kind, (int) $record->getKey(), (int) $record->getAttribute('site_id'));
        try {
            $draft = Draft::parse(Typed::word($request, 'draft'));
            $refused = $response->getStatusCode() >= 400 || ($response->exception ?? null) !== null;
            if ($form !== '') {
                $draft = $draft->with($form, $refused ? $this->own($request) : []);
            }
            foreach ($refused ? [] : $this->taken->names as $taken) {
                $draft = $draft->with($taken, []);
            }
            $this->drafts->keep($userId, $subject, $draft);
        } catch (InvalidInput) {
            // What is no draft is not kept; what was sent with it is done all the same.
        }

        return $response;
    }

    /** @return array<string, string> what the form itself held */
    private function own(Request $request): array
    {
        $own = [];
        foreach ($request->except(['_token', '_method', 'once', 'version', 'draft', 'draft_form']) as $name => $value) {
            foreach (is_array($value) ? $value : [null => $value] as $key => $one) {
                $field = is_array($value) ? "{$name}[{$key}]" : (string) $name;
                if (is_string($one) && mb_strlen($one) <= Draft::LONGEST && Draft::isName($field)) {
                    $own[$field] = $one;
                }
            }
        }

        return Draft::parse((string) json_encode(['form' => array_slice($own, 0, Draft::FIELDS)]))->forms['form'] ?? [];
    }
}
