<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Files\Table;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Platform\Subjects;
use App\Platform\Writing\FirstAnswer;
use App\Platform\Writing\Typed;
use App\Register\Actions\SaveExpiry;
use App\Register\Models\ExpiryDate;
use App\Register\Queries\ExpiryList;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use stdClass;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ExpiryController
{
    public function __construct(
        private readonly CurrentSite $site,
        private readonly ExpiryList $list,
        private readonly Subjects $subjects,
    ) {
    }

    public function index(Request $request): Page
    {
        $filter = array_filter(
            Typed::words($request, 'state', 'what'),
            static fn (mixed $value): bool => is_string($value) && $value !== '',
        );

        return Page::in('assets', 'Expiry dates')->sheet('register.expiry.index', [
            'dates' => $this->list->of($this->site->id(), $this->site->today(), $filter),
            'filter' => $filter,
            'most' => ExpiryList::MOST,
        ]);
    }

    public function export(Request $request, string $format): StreamedResponse
    {
        $filter = array_filter(
            Typed::words($request, 'state', 'what'),
            static fn (mixed $value): bool => is_string($value) && $value !== '',
        );
        $rows = array_map(
            static fn (stdClass $date): array => [
                $date->what,
                $date->until,
                $date->state->value,
                $date->tag,
                $date->name,
                $date->note,
            ],
            $this->list->of($this->site->id(), $this->site->today(), $filter, 100000),
        );

        return Table::stream($format, 'expiry-dates', ['what', 'until', 'state', 'tag', 'name', 'note'], $rows);
    }

    public function store(
        Request $request,
        string $kind,
        int $id,
        SaveExpiry $save,
        FirstAnswer $once,
    ): RedirectResponse {
        $record = $this->subjects->find($kind, $id) ?? abort(404);
        Gate::authorize('update', $record);
        $given = $this->validated($request) + [
            'what' => $request->validate(['what' => ['required', 'string', 'max:100']])['what'],
        ];
        [, $href] = $this->subjects->says($kind, $record);
        $once->run($request->input('once'), function () use (
            $request,
            $save,
            $kind,
            $id,
            $record,
            $given,
            $href,
        ): string {
            $save(
                $request->user()->actor(),
                Subject::of($kind, $id, $record->getAttribute('site_id')),
                null,
                $given,
            );

            return $href;
        });

        return redirect("{$href}#expiry")->with('said', "{$given['what']} is noted, until {$given['until']}.");
    }

    public function update(Request $request, ExpiryDate $date, SaveExpiry $save): RedirectResponse
    {
        $record = $this->subjects->find($date->kind, $date->subject_id) ?? abort(404);
        Gate::authorize('update', $record);
        $ends = $request->boolean('end');
        $given = $ends ? ['end' => true] : $this->validated($request) + ['renew' => $request->boolean('renew')];
        $save($request->user()->actor(), $date->about(), $date, $given, $request->integer('version'));

        return redirect($this->subjects->says($date->kind, $record)[1].'#expiry')->with(
            'said',
            $ends
                ? "{$date->what} is ended."
                : "{$date->what} ".
                    ($request->boolean('renew') ? 'is renewed' : 'is saved').
                    ', until '.($given['until'] ?? '').'.',
        );
    }

    /** @return array{until: string, warn_days?: int, document_id?: int|null, note?: string|null} */
    private function validated(Request $request): array
    {
        $given = $request->validate(
            [
                'until' => ['required', 'date_format:Y-m-d'],
                'warn_days' => ['nullable', 'integer', 'min:0', 'max:730'],
                'document_id' => ['nullable', 'integer'],
                'expiry_note' => ['nullable', 'string', 'max:250'],
            ],
            [],
            [
                'until' => 'last day',
                'warn_days' => 'days of warning',
                'document_id' => 'document',
                'expiry_note' => 'note',
            ],
        );

        return [
            'until' => $given['until'],
            'warn_days' => (int) ($given['warn_days'] ?? 30),
            'document_id' => isset($given['document_id']) ? (int) $given['document_id'] : null,
            'note' => $given['expiry_note'] ?? null,
        ];
    }
}
