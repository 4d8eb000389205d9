<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Work\Actions\SetWorkRules;
use App\Work\Queries\WorkRulesOf;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Support\Money;
use Sundial\Work\OrderMove;
use Sundial\Work\Rules\Asked;
use Sundial\Work\Rules\WorkRules;

/** The rules of a site about who asks, who approves and who closes. */
final class WorkRulesController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function edit(WorkRulesOf $rules): Page
    {
        return Page::in('setup', 'Rules of work')
            ->index('frame.setup-index', ['current' => 'work-rules'])
            ->sheet('work.setup.rules', [
                'rules' => $rules->ofSite($this->site->id()),
                'roles' => OrderMove::Approve->roles(),
                'site' => $this->site->get(),
            ]);
    }

    public function update(Request $request, SetWorkRules $set): RedirectResponse
    {
        $given = $request->validate([
            'limits' => ['nullable', 'array'],
            'limits.*' => ['nullable', 'string', 'max:20'],
            'own_above' => ['nullable', 'string', 'max:20'],
        ], [], ['own_above' => 'amount of one’s own']);
        $limits = [];
        foreach (OrderMove::Approve->roles() as $role) {
            $typed = (string) ($given['limits'][$role->value] ?? '');
            $limits[$role->value] = self::cents($typed, "limits.{$role->value}");
        }
        $rules = WorkRules::approving($limits, self::cents((string) ($given['own_above'] ?? ''), 'own_above'));
        $asked = static fn (string $field): Asked => $request->boolean($field) ? Asked::Yes : Asked::No;
        $set(
            $request->user()->actor(),
            $this->site->id(),
            $rules->closing($asked('second_to_close'), $asked('hand_back')),
        );

        return redirect('/setup/work-rules')->with('said', 'The rules of work are saved.');
    }

    private static function cents(string $typed, string $field): ?int
    {
        return trim($typed) === '' ? null : Money::parse($typed, $field);
    }
}
