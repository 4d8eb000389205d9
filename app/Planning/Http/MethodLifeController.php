<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\Planning\Actions\DiscardDraft;
use App\Planning\Actions\PutInForce;
use App\Planning\Methods\RevisionContent;
use App\Planning\Models\Method;
use App\Planning\Models\MethodRevision;
use App\Platform\Frame\Page;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Planning\Method\RevisionDifference;

/**
 * What becomes of the revisions of a method: put in force, thrown away, compared, looked at as the technician will
 * see them.
 */
final class MethodLifeController
{
    public function putInForce(Request $request, Method $method, PutInForce $put): RedirectResponse
    {
        $given = $request->validate(
            ['why' => ['required', 'string', 'max:250']],
            ['why.required' => 'Say why it is put in force; the list of revisions shows it.'],
        );
        $put($request->user()->actor(), $method, $given['why']);
        $number = $method->inForce()->value('number');

        return redirect("/methods/{$method->id}")->with(
            'said',
            "Revision {$number} of {$method->name} is in force. Orders made before keep theirs; open ones offer to ".
                'be moved up.',
        );
    }

    public function discard(Request $request, Method $method, DiscardDraft $discard): RedirectResponse
    {
        $discard($request->user()->actor(), $method);

        return redirect("/methods/{$method->id}")->with('said', 'The draft is thrown away; what is in force stays.');
    }

    public function compare(Request $request, Method $method): Page
    {
        $revisions = $method
            ->revisions()
            ->with([...MethodRevision::WHOLE, 'labour.trade'])
            ->get()
            ->keyBy('number');
        abort_if($revisions->count() < 1, 404);
        $new = $revisions->get($request->integer('new')) ?? $revisions->firstOrFail();
        $old =
            $revisions->get($request->integer('old')) ??
            ($revisions->first(static fn (MethodRevision $one): bool => $one->number < $new->number) ?? $new);
        [$was, $is] = [RevisionContent::of($old), RevisionContent::of($new)];

        return Page::in('plan', "Revisions of {$method->name}")->sheet('planning.methods.compare', [
            'method' => $method,
            'revisions' => $revisions,
            'old' => $old,
            'new' => $new,
            'answers' => array_map(
                static fn (AnswerKind $kind): string => $kind->words(),
                array_column(AnswerKind::cases(), null, 'value'),
            ),
            'was' => $was,
            'is' => $is,
            'rows' => RevisionDifference::between($was->steps, $is->steps)->rows,
            'ladders' => [Ladder::parse((string) $old->ladder), Ladder::parse((string) $new->ladder)],
        ]);
    }

    public function preview(Request $request, Method $method): Page
    {
        $revision = $method
            ->revisions()
            ->with([...MethodRevision::WHOLE, 'labour.trade'])
            ->when(
                $request->integer('revision') > 0,
                static fn ($query) => $query->where('number', $request->integer('revision')),
            )
            ->orderByRaw("state = 'in force' DESC")
            ->firstOrFail();
        $ladder = Ladder::parse((string) $revision->ladder);
        $level = $request->integer('level') ?: (int) ($ladder === null ? 1 : max([1, ...array_keys($ladder->names)]));

        return Page::in('plan', "{$method->name}, as it is worked")->sheet('planning.methods.preview', [
            'method' => $method,
            'revision' => $revision,
            'ladder' => $ladder,
            'level' => $level,
            'steps' => $revision->steps->where('level', '<=', $level)->values(),
        ]);
    }
}
