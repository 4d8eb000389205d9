<?php

declare(strict_types=1);

namespace App\Work\Http;

use App\Platform\Frame\Page;
use App\Platform\Writing\Seen;
use App\Register\Queries\RegisterLists;
use App\Work\Actions\Setup\RetireFailureWord;
use App\Work\Actions\Setup\SaveFailureWord;
use App\Work\Actions\Setup\SetPriorities;
use App\Work\Models\FailureWord;
use App\Work\Queries\FailureWordsOf;
use App\Work\Queries\PriorityRules;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Register\Criticality;
use Sundial\Work\Failure\FailureKind;
use Sundial\Work\Priority;
use Sundial\Work\Request\HowSoon;

/** What the plant sets for work: the table of priorities, and the words by which failures are told. */
final class WorkSetupController
{
    public function priorities(PriorityRules $rules): Page
    {
        $table = $rules->table();

        return Page::in('setup', 'Priorities')
            ->index('frame.setup-index', ['current' => 'priorities'])
            ->sheet('work.setup.priorities', [
                'table' => $table,
                'seen' => Seen::mark(PriorityRules::words($table)),
                'criticalities' => Criticality::letters(),
            ]);
    }

    public function setPriorities(Request $request, SetPriorities $set): RedirectResponse
    {
        $rules = [];
        foreach (HowSoon::cases() as $soon) {
            foreach (Criticality::letters() as $criticality) {
                $rules["proposed.{$soon->value}.{$criticality}"] = ['required', Rule::enum(Priority::class)];
            }
        }
        foreach (Priority::cases() as $priority) {
            $rules["days.{$priority->value}"] = ['required', 'integer', 'between:0,365'];
        }
        $given = $request->validate($rules, [], ['days.*' => 'days']);
        $proposed = [];
        foreach ($given['proposed'] as $soon => $row) {
            foreach ($row as $criticality => $priority) {
                $proposed["{$soon} {$criticality}"] = (string) $priority;
            }
        }
        $set($request->user()->actor(), $proposed, array_map(intval(...), $given['days']), Seen::in($request));

        return redirect('/setup/priorities')->with('said', 'The table of priorities is saved.');
    }

    public function words(Request $request, FailureWordsOf $words, RegisterLists $register): Page
    {
        $class = $request->integer('class') ?: null;

        return Page::in('setup', 'Words for failures')
            ->index('frame.setup-index', ['current' => 'failure-words'])
            ->sheet('work.setup.words', [
                'classes' => $register->classes(),
                'class' => $class,
                'words' => $words->ofClass($class),
            ]);
    }

    public function addWord(Request $request, SaveFailureWord $save): RedirectResponse
    {
        $given = $request->validate(
            [
                'kind' => ['required', Rule::enum(FailureKind::class)],
                'class_id' => ['nullable', 'integer', 'exists:equipment_classes,id'],
                'word' => ['required', 'string', 'max:60'],
            ],
            ['word.required' => 'Write the word.'],
            ['class_id' => 'class'],
        );
        $class = isset($given['class_id']) ? (int) $given['class_id'] : null;
        $save($request->user()->actor(), FailureKind::from($given['kind']), $class, trim($given['word']));

        return $this->back($class, "“{$given['word']}” is offered from now on.");
    }

    public function retireWord(Request $request, FailureWord $word, RetireFailureWord $retire): RedirectResponse
    {
        $retire($request->user()->actor(), $word);

        return $this->back($word->class_id, "“{$word->word}” is offered no more; what was recorded with it stays.");
    }

    private function back(?int $class, string $said): RedirectResponse
    {
        return redirect('/setup/failure-words'.($class === null ? '' : "?class={$class}"))->with('said', $said);
    }
}
