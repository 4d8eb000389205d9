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
use App\Register\Http\Requests\ExpiryRequest;
use App\Register\Models\ExpiryDate;
use App\Register\Queries\ExpiryList;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
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
        ExpiryRequest $request,
        string $kind,
        int $id,
        SaveExpiry $save,
        FirstAnswer $once,
    ): RedirectResponse {
        $record = $request->record();
        $said = $request->said();
        [, $href] = $this->subjects->says($kind, $record);
        $by = $request->user()->actor();
        $subject = Subject::of($kind, $id, $record->getAttribute('site_id'));

        return $once->redirect(static function () use ($save, $by, $subject, $said, $href): array {
            $save($by, $subject, null, $said);

            return ["{$href}#expiry", "{$said->what} is noted, until {$said->until?->inWords()}."];
        });
    }

    public function update(ExpiryRequest $request, ExpiryDate $date, SaveExpiry $save): RedirectResponse
    {
        $record = $request->record();
        $said = $request->said();
        $save($request->user()->actor(), $date->about(), $date, $said, $request->integer('version'));

        return redirect($this->subjects->says($date->kind, $record)[1].'#expiry')->with(
            'said',
            $said->until === null
                ? "{$date->what} is ended."
                : "{$date->what} ".
                    ($said->renews ? 'is renewed' : 'is saved').
                    ", until {$said->until->inWords()}.",
        );
    }
}
