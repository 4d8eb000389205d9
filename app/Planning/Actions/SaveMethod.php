<?php

declare(strict_types=1);

namespace App\Planning\Actions;

use App\Planning\Models\Method;
use App\Planning\Models\MethodRevision;
use App\Planning\Models\Schedule;
use App\Planning\Queries\LadderOf;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Clock\Clock;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;
use Sundial\Planning\Ladder;
use Sundial\Support\InvalidInput;

/** Adds a method, or puts its next revision in force; orders already made keep the revision they were made from. */
final readonly class SaveMethod
{
    public function __construct(private Audit $audit, private Clock $clock, private LadderOf $ladders, private KeepOutlook $keep)
    {
    }

    /**
     * @param  array{code: string, name: string, class_id?: int|null, purpose?: string|null, order_type: string, priority: string, ladder?: string|null, steps: list<array{text: string, detail?: string|null, safety?: string|null, minutes: int, level?: int}>, labour: list<array{trade_id: int, people: int, minutes: int, level?: int}>}  $input
     */
    public function __invoke(Actor $by, ?Method $method, array $input, ?int $version = null): Method
    {
        return DB::transaction(function () use ($by, $method, $input, $version): Method {
            $isNew = $method === null;
            $ladder = self::ladder($input);
            $method = $isNew ? new Method : Versioned::lock($method, $version);
            $old = $isNew ? null : $method->inForce()->with(['steps', 'labour'])->first();
            $before = $isNew ? [] : $method->only(['code', 'name', 'class_id']) + self::content($old);
            $method->fill(['code' => $input['code'], 'name' => $input['name'], 'class_id' => $input['class_id'] ?? null])->save();
            $next = ['purpose' => $input['purpose'] ?? null, 'order_type' => $input['order_type'], 'priority' => $input['priority'], 'ladder' => $ladder?->text(), 'steps' => self::steps($input['steps']), 'labour' => self::labour($input['labour'])];
            $number = $old->number ?? 0;
            if ($old === null || json_encode(self::content($old)) !== json_encode($next)) {
                $number++;
                $old?->update(['state' => MethodRevision::SUPERSEDED]);
                $this->write($method, $number, $next);
            }
            $this->followLadder($method, $old?->ladder, $ladder?->text());
            $this->audit->record($by, Subject::of('method', $method->id), $isNew ? "added method {$method->name}" : ($number === $old?->number ? "changed method {$method->name}" : "put revision {$number} of {$method->name} in force"), Audit::difference($before, $method->only(['code', 'name', 'class_id']) + $next));

            return $method;
        });
    }

    /** @param  array<string, mixed>  $input */
    private static function ladder(array $input): ?Ladder
    {
        $ladder = Ladder::parse((string) ($input['ladder'] ?? ''));
        foreach (['steps', 'labour'] as $lines) {
            foreach (array_values($input[$lines]) as $i => $line) {
                if (! isset($ladder->names[(int) ($line['level'] ?? 1)]) && (int) ($line['level'] ?? 1) !== 1) {
                    throw InvalidInput::because('no_level', "{$lines}.{$i}.level", ($lines === 'steps' ? 'Step ' : 'Labour line ').($i + 1).' is for a level that the ladder does not have. Choose one of its levels, or add the level.');
                }
            }
        }

        return $ladder;
    }

    /** The levels of the visits to come change with the ladder. */
    private function followLadder(Method $method, ?string $before, ?string $now): void
    {
        $this->ladders->forget($method->id);
        if ($before !== $now) {
            Schedule::query()->where('method_id', $method->id)->where('ended', false)->orderBy('id')->each(fn (Schedule $schedule) => ($this->keep)($schedule));
        }
    }

    /** @param  array<string, mixed>  $content */
    private function write(Method $method, int $number, array $content): void
    {
        $revision = MethodRevision::query()->create(['method_id' => $method->id, 'number' => $number, 'state' => MethodRevision::IN_FORCE, 'made_at' => $this->clock->now()->format('Y-m-d H:i:s.u')] + array_diff_key($content, ['steps' => 0, 'labour' => 0]));
        foreach ($content['steps'] as $i => $step) {
            $revision->steps()->create($step + ['position' => $i + 1]);
        }
        foreach ($content['labour'] as $line) {
            $revision->labour()->create($line);
        }
    }

    /** @return array<string, mixed> */
    private static function content(?MethodRevision $revision): array
    {
        return $revision === null ? [] : ['purpose' => $revision->purpose, 'order_type' => $revision->order_type, 'priority' => $revision->priority, 'ladder' => $revision->ladder, 'steps' => self::steps($revision->steps->toArray()), 'labour' => self::labour($revision->labour->toArray())];
    }

    /** @param  array<int, array<string, mixed>>  $steps
     * @return list<array{text: string, detail: string|null, safety: string|null, minutes: int, level: int}> */
    private static function steps(array $steps): array
    {
        return array_map(static fn (array $step): array => ['text' => (string) $step['text'], 'detail' => ($step['detail'] ?? '') ?: null, 'safety' => ($step['safety'] ?? '') ?: null, 'minutes' => (int) $step['minutes'], 'level' => (int) ($step['level'] ?? 1) ?: 1], array_values($steps));
    }

    /** @param  array<int, array<string, mixed>>  $labour
     * @return list<array{trade_id: int, people: int, minutes: int, level: int}> */
    private static function labour(array $labour): array
    {
        return array_map(static fn (array $line): array => ['trade_id' => (int) $line['trade_id'], 'people' => (int) $line['people'], 'minutes' => (int) $line['minutes'], 'level' => (int) ($line['level'] ?? 1) ?: 1], array_values($labour));
    }
}
