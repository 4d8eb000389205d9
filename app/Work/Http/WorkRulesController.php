<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\Seen;
use App\Platform\Writing\Typed;
use App\Register\Queries\RegisterLists;
use App\Work\Actions\Setup\SetEmergencyDuties;
use App\Work\Actions\Setup\SetWorkRules;
use App\Work\Queries\EmergencyDuties;
use App\Work\Queries\WorkRulesOf;
use App\Work\Queries\WorkWaiting;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Sundial\Support\Money;
use Sundial\Support\TextLines;
use Sundial\Work\OrderMove;
use Sundial\Work\Rules\Asked;
use Sundial\Work\Rules\WorkRules;
use Sundial\Work\Waiting\AgreedStay;
use Sundial\Work\Waiting\Lane;

/** The rules of a site about who asks, who approves and who closes. */
final class WorkRulesController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    public function edit(WorkRulesOf $rules, WorkWaiting $waiting): Page
    {
        $agreed = $rules->ofSite($this->site->id());
        $stay = $waiting->agreed($this->site->id());

        return Page::in('setup', 'Rules of work')
            ->index('frame.setup-index', ['current' => 'work-rules'])
            ->sheet('work.setup.rules', [
                'rules' => $agreed,
                'seen' => Seen::mark(WorkRulesOf::words($agreed, $stay)),
                'roles' => OrderMove::Approve->roles(),
                'lanes' => Lane::cases(),
                'agreed' => $stay,
                'site' => $this->site->get(),
            ]);
    }

    public function update(Request $request, SetWorkRules $set): RedirectResponse
    {
        $given = $request->validate([
            'limits' => ['nullable', 'array'],
            'limits.*' => ['nullable', 'string', 'max:20'],
            'own_above' => ['nullable', 'string', 'max:20'],
            'agreed' => ['nullable', 'array'],
            'agreed.*' => ['nullable', 'integer', 'between:1,365'],
        ], [], ['own_above' => 'amount of one’s own', 'agreed.*' => 'days']);
        $limits = [];
        foreach (OrderMove::Approve->roles() as $role) {
            $typed = (string) ($given['limits'][$role->value] ?? '');
            $limits[$role->value] = self::cents($typed, "limits.{$role->value}");
        }
        $rules = WorkRules::approving($limits, self::cents((string) ($given['own_above'] ?? ''), 'own_above'));
        $known = array_column(Lane::cases(), 'value');
        $days = array_intersect_key(array_filter($given['agreed'] ?? []), array_flip($known));
        $asked = static fn (string $field): Asked => $request->boolean($field) ? Asked::Yes : Asked::No;
        $set(
            $request->user()->actor(),
            $this->site->id(),
            $rules->closing($asked('second_to_close'), $asked('hand_back')),
            AgreedStay::of(array_map(intval(...), $days)),
            Seen::in($request),
        );

        return redirect('/setup/work-rules')->with('said', 'The rules of work are saved.');
    }

    /** What else must happen in an emergency, at the site or on assets of one class. */
    public function emergency(Request $request, EmergencyDuties $duties, RegisterLists $register): Page
    {
        $class = Typed::id($request, 'class');
        $standing = $duties->set($this->site->id(), $class);

        return Page::in('setup', 'In an emergency')
            ->index('frame.setup-index', ['current' => 'emergency'])
            ->sheet('work.setup.emergency', [
                'site' => $this->site->get(),
                'classes' => $register->classes(),
                'class' => $class,
                'duties' => $standing,
                'seen' => Seen::mark($standing),
            ]);
    }

    public function setEmergency(Request $request, SetEmergencyDuties $set): RedirectResponse
    {
        $given = $request->validate([
            'duties' => ['nullable', 'string', 'max:5000'],
            'class_id' => ['nullable', 'integer', 'exists:equipment_classes,id'],
        ], [], ['class_id' => 'class', 'duties' => 'list']);
        $class = isset($given['class_id']) ? (int) $given['class_id'] : null;
        $lines = TextLines::of((string) ($given['duties'] ?? ''));
        $set($request->user()->actor(), $this->site->id(), $class, $lines, Seen::in($request));

        return redirect('/setup/emergency'.($class === null ? '' : "?class={$class}"))->with(
            'said',
            'The list is saved; it stands on every emergency that is raised from now on.',
        );
    }

    private static function cents(string $typed, string $field): ?int
    {
        return trim($typed) === '' ? null : Money::parse($typed, $field);
    }
}
