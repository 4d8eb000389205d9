<?php

declare(strict_types=1);

namespace App\Planning\Http;

use App\People\Models\Trade;
use App\Planning\Actions\SaveMethod;
use App\Planning\Models\Method;
use App\Planning\Models\MethodRevision;
use App\Planning\Models\Schedule;
use App\Platform\Audit\LogQuery;
use App\Platform\Frame\Horizon;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Platform\Writing\Once;
use App\Register\Models\EquipmentClass;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Sundial\Planning\Ladder;
use Sundial\Support\InvalidInput;
use Sundial\Work\OrderType;
use Sundial\Work\Priority;

final class MethodController
{
    public function __construct(private readonly CurrentSite $site)
    {
    }

    private function page(Request $request, string $title, ?int $current = null): Page
    {
        return Page::in('plan', $title)->index('planning.methods.index', static function () use ($request, $current): array {
            $q = is_string($request->query('q')) ? $request->query('q') : '';
            $like = '%'.addcslashes($q, '%_\\').'%';
            $methods = Method::query()->with('class')->withCount(['revisions'])->when($q !== '', static fn ($query) => $query->where(static fn ($any) => $any->where('name', 'like', $like)->orWhere('code', 'like', $like)))->orderBy('code')->limit(200)->get();

            return ['methods' => $methods, 'q' => $q, 'total' => Method::query()->count(), 'current' => $current];
        });
    }

    public function index(Request $request): Page
    {
        return $this->page($request, 'Methods')->sheet('planning.methods.overview');
    }

    public function show(Request $request, Method $method): Page
    {
        $method->load(['class', 'inForce.steps', 'inForce.labour.trade']);
        $schedules = Schedule::query()->where('method_id', $method->id)->where('site_id', $this->site->id())->with('asset')->orderBy('ended')->orderBy('next_due_on')->limit(60)->get();

        return $this->page($request, $method->name, $method->id)->sheet('planning.methods.sheet', ['method' => $method, 'revision' => $method->inForce, 'revisions' => MethodRevision::query()->where('method_id', $method->id)->orderByDesc('number')->get(), 'schedules' => $schedules, 'ladder' => Ladder::parse((string) $method->inForce?->ladder), 'log' => (new LogQuery)->of(Subject::of('method', $method->id), $this->site->get()->zone())])
            ->horizon(fn (): Horizon => Horizon::of(Subject::of('method', $method->id, $this->site->id()), $method->name, $this->site->today()));
    }

    public function create(Request $request): Page
    {
        return $this->form($request, null);
    }

    public function edit(Request $request, Method $method): Page
    {
        return $this->form($request, $method->load(['inForce.steps', 'inForce.labour']));
    }

    private function form(Request $request, ?Method $method): Page
    {
        return $this->page($request, $method->name ?? 'New method', $method?->id)->sheet('planning.methods.form', ['method' => $method, 'revision' => $method?->inForce, 'levels' => $this->levels($method?->inForce?->ladder), 'trades' => Trade::query()->orderBy('name')->get(), 'classes' => EquipmentClass::query()->orderBy('name')->get(), 'nextCode' => sprintf('M-%03d', (int) Method::query()->max('id') + 1)]);
    }

    /** @return array<int, string> names by multiple, of what was typed or stands; every visit's own where there is no ladder yet */
    private function levels(?string $standing): array
    {
        try {
            return Ladder::parse((string) old('ladder', $standing))->names ?? [];
        } catch (InvalidInput) {
            return Ladder::parse((string) $standing)->names ?? [];
        }
    }

    public function save(Request $request, SaveMethod $save, Once $once, ?Method $method = null): RedirectResponse
    {
        $steps = array_values(array_filter((array) $request->input('steps', []), static fn (mixed $step): bool => is_array($step) && trim(implode('', array_map(strval(...), array_filter(array_diff_key($step, ['level' => 1]), is_scalar(...))))) !== ''));
        $labour = array_values(array_filter((array) $request->input('labour', []), static fn (mixed $line): bool => is_array($line) && ($line['trade_id'] ?? '') !== ''));
        $request->merge(['steps' => $steps, 'labour' => $labour]);
        $given = $request->validate([
            'code' => ['required', 'string', 'max:20', 'regex:/^\S+$/', Rule::unique('methods')->ignore($method?->id)], 'name' => ['required', 'string', 'max:120'], 'class_id' => ['nullable', 'exists:equipment_classes,id'],
            'purpose' => ['nullable', 'string', 'max:5000'], 'order_type' => ['required', Rule::enum(OrderType::class)], 'priority' => ['required', Rule::enum(Priority::class)],
            'steps' => ['required', 'array', 'max:200'], 'steps.*.text' => ['required', 'string', 'max:250'], 'steps.*.minutes' => ['nullable', 'integer', 'between:0,9999'], 'steps.*.detail' => ['nullable', 'string', 'max:5000'], 'steps.*.safety' => ['nullable', 'string', 'max:2000'],
            'labour' => ['array', 'max:20'], 'labour.*.trade_id' => ['required', 'exists:trades,id'], 'labour.*.level' => ['nullable', 'integer', 'between:1,999'], 'steps.*.level' => ['nullable', 'integer', 'between:1,999'], 'ladder' => ['nullable', 'string', 'max:250'], 'labour.*.people' => ['required', 'integer', 'between:1,99'], 'labour.*.minutes' => ['required', 'integer', 'between:1,9999'],
        ], ['steps.required' => 'A method needs at least one step.', 'steps.*.text.required' => 'Step :position has no text. Write what is to be done, or empty the whole line.', 'code.regex' => 'A code is written without spaces.'], ['steps.*.minutes' => 'minutes of step :position', 'labour.*.people' => 'people of labour line :position', 'labour.*.minutes' => 'minutes of labour line :position', 'class_id' => 'class']);
        $given['steps'] = array_map(static fn (array $step): array => ['minutes' => (int) ($step['minutes'] ?? 0)] + $step, $given['steps']);
        $given['labour'] = $given['labour'] ?? [];
        $twice = array_map(static fn (array $line): string => "{$line['trade_id']} ".(int) ($line['level'] ?? 1), $given['labour']);
        if (count(array_unique($twice)) < count($twice)) {
            throw InvalidInput::because('twice', 'labour', 'A trade stands twice. Put its people in one line.');
        }
        $given['class_id'] = isset($given['class_id']) ? (int) $given['class_id'] : null;
        $location = $once->run($method === null ? $request->input('once') : null, fn (): string => '/methods/'.$save($request->user()->actor(), $method, $given, $method === null ? null : $request->integer('version'))->id);
        $number = MethodRevision::query()->where('method_id', (int) basename($location))->where('state', MethodRevision::IN_FORCE)->value('number');

        return redirect($location)->with('said', "{$given['name']} is saved: revision {$number} is in force. Orders made before keep the revision they were made from.");
    }
}
