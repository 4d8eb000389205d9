<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Drafts\Draft;
use App\Platform\Drafts\Drafts;
use App\Platform\Subject;
use App\Platform\Subjects;
use App\Platform\Writing\Typed;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final class DraftController
{
    /** Keeps what stands on a sheet, as it is typed. */
    public function keep(Request $request, string $kind, int $id, Subjects $subjects, Drafts $drafts): Response
    {
        $record = $subjects->find($kind, $id) ?? abort(404);
        Gate::authorize('view', $record);
        $drafts->keep(
            (int) $request->user()?->getAuthIdentifier(),
            Subject::of($kind, $id, $record->getAttribute('site_id')),
            Draft::parse(Typed::word($request, 'draft')),
        );

        return response()->noContent();
    }
}
