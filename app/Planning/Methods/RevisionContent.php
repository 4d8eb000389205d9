<?php

declare(strict_types=1);

namespace App\Planning\Methods;

use App\Planning\Models\Method;
use App\Planning\Models\MethodPart;
use App\Planning\Models\MethodRevision;
use App\Planning\Models\MethodService;
use App\Stores\Models\Part;
use Sundial\Planning\Ladder\Ladder;
use Sundial\Planning\Method\AnswerKind;
use Sundial\Planning\Method\NeedLine;
use Sundial\Planning\Method\NeedText;
use Sundial\Planning\Method\Question;
use Sundial\Support\InvalidInput;
use Sundial\Support\Quantity;
use Sundial\Support\TextLines;

/** What one revision of a method says, whichever way it comes: typed, read from a file, or as it stands. */
final readonly class RevisionContent
{
    private const HEAD = ['purpose', 'order_type', 'priority', 'ladder', 'tools', 'precautions'];

    public const STEP = [
        'text',
        'detail',
        'safety',
        'minutes',
        'level',
        'answer',
        'unit',
        'low',
        'high',
        'choices',
        'each_asset',
    ];

    /**
     * @param  array<string, string|null>  $head
     * @param  list<array<string, scalar|null>>  $steps
     * @param  list<array{trade_id: int, people: int, minutes: int, level: int}>  $labour
     * @param  list<NeedLine>  $parts
     * @param  list<NeedLine>  $services
     */
    private function __construct(
        public array $head,
        public array $steps,
        public array $labour,
        public array $parts,
        public array $services,
    ) {
    }

    /**
     * @param  array<string, mixed>  $input  as a form or a file gives it
     *
     * @throws InvalidInput that names the line
     */
    public static function typed(array $input): self
    {
        $ladder = Ladder::parse((string) ($input['ladder'] ?? ''));
        $steps = self::steps($input['steps']);
        $labour = self::labour($input['labour'] ?? []);
        $parts = NeedText::parts((string) ($input['parts'] ?? ''));
        self::idsOf($parts);
        $services = NeedText::services((string) ($input['services'] ?? ''));
        $kinds = ['steps' => 'Step', 'labour' => 'Labour line', 'parts' => 'Part', 'services' => 'Service'];
        foreach (compact('steps', 'labour', 'parts', 'services') as $lines => $all) {
            foreach ($all as $i => $line) {
                $level = $line instanceof NeedLine ? $line->level : (int) $line['level'];
                if ($level !== 1 && ! isset($ladder->names[$level])) {
                    throw InvalidInput::because(
                        'no_level',
                        in_array($lines, ['steps', 'labour'], true) ? "{$lines}.{$i}.level" : $lines,
                        $kinds[$lines].' '.
                            ($i + 1).
                            ' is for a level that the ladder does not have. Choose one of its levels, or add the '.
                            'level.',
                    );
                }
            }
        }
        $head =
            [
                'ladder' => $ladder?->text(),
                'tools' => self::lines($input['tools'] ?? null),
                'precautions' => self::lines($input['precautions'] ?? null),
            ] + $input;

        return new self(self::head($head), $steps, $labour, $parts, $services);
    }

    public static function of(MethodRevision $revision): self
    {
        return new self(
            self::head($revision->toArray()),
            self::steps($revision->steps->toArray()),
            self::labour($revision->labour->toArray()),
            array_values($revision->parts->map(static fn (MethodPart $one): NeedLine => $one->line())->all()),
            array_values($revision->services->map(static fn (MethodService $one): NeedLine => $one->line())->all()),
        );
    }

    /**
     * @param  list<NeedLine>  $lines
     * @return array<string, int> the parts that they name, by number
     *
     * @throws InvalidInput no_part
     */
    private static function idsOf(array $lines): array
    {
        $numbers = array_map(static fn (NeedLine $line): string => $line->words, $lines);
        $ids = Part::query()->whereIn('number', $numbers)->where('retired', false)->pluck('id', 'number')->all();
        foreach ($numbers as $number) {
            if (! isset($ids[$number])) {
                throw InvalidInput::because(
                    'no_part',
                    'parts',
                    "The catalogue offers no part “{$number}”. "
                        .'Add it under Stores, or name the one that took its place.',
                );
            }
        }

        return $ids;
    }

    /** The same with so many of a part; what stood there of it for that level is replaced. */
    public function taking(NeedLine $part): self
    {
        $lines = [];
        $stands = false;
        foreach ($this->parts as $line) {
            $isSame = $line->words === $part->words && $line->level === $part->level;
            $lines[] = $isSame ? $part : $line;
            $stands = $stands || $isSame;
        }
        $lines = $stands ? $lines : [...$lines, $part];

        return self::typed((new self($this->head, $this->steps, $this->labour, $lines, $this->services))->all());
    }

    /** The same without a part at a level. */
    public function without(string $number, int $level): self
    {
        $lines = array_filter(
            $this->parts,
            static fn (NeedLine $line): bool => $line->words !== $number || $line->level !== $level,
        );

        return new self($this->head, $this->steps, $this->labour, array_values($lines), $this->services);
    }

    /** The parts as text, a line each. */
    public function partsText(): string
    {
        return NeedText::ofParts($this->parts);
    }

    /** The services as text, a line each. */
    public function servicesText(): string
    {
        return NeedText::ofServices($this->services);
    }

    public function says(self $other): bool
    {
        return json_encode($this) === json_encode($other);
    }

    /** @return array<string, mixed> for the log */
    public function all(): array
    {
        return $this->head + [
            'steps' => $this->steps,
            'labour' => $this->labour,
            'parts' => $this->partsText(),
            'services' => $this->servicesText(),
        ];
    }

    /** @param  array<string, mixed>  $with  number, state, and who made it when */
    public function write(Method $method, array $with): MethodRevision
    {
        $revision = MethodRevision::query()->create(['method_id' => $method->id] + $with + $this->head);
        $revision
            ->steps()
            ->insert(
                array_map(
                    static fn (array $step, int $i): array => ['revision_id' => $revision->id, 'position' => $i + 1] +
                        $step,
                    $this->steps,
                    array_keys($this->steps),
                ),
            );
        $revision
            ->labour()
            ->insert(
                array_map(static fn (array $line): array => ['revision_id' => $revision->id] + $line, $this->labour),
            );
        $ids = self::idsOf($this->parts);
        $revision->parts()->insert(
            array_map(
                static fn (NeedLine $line): array => [
                    'revision_id' => $revision->id,
                    'part_id' => $ids[$line->words],
                    'quantity' => Quantity::plain($line->thousandths),
                    'level' => $line->level,
                ],
                $this->parts,
            ),
        );
        $revision->services()->insert(
            array_map(
                static fn (NeedLine $line): array => [
                    'revision_id' => $revision->id,
                    'what' => mb_substr($line->words, 0, 200),
                    'cents' => $line->cents,
                    'level' => $line->level,
                ],
                $this->services,
            ),
        );

        return $revision;
    }

    /** @param  array<string, mixed>  $given
     * @return array<string, string|null> */
    private static function head(array $given): array
    {
        $head = [];
        foreach (self::HEAD as $field) {
            $text = trim((string) ($given[$field] ?? ''));
            $head[$field] = $text === '' ? null : $text;
        }

        return $head;
    }

    /** @param  array<int, array<string, mixed>>  $steps
     * @return list<array<string, scalar|null>> */
    private static function steps(array $steps): array
    {
        return array_map(
            static function (array $step, int $i): array {
                $text = static fn (string $field): ?string => trim((string) ($step[$field] ?? '')) === ''
                    ? null
                    : trim((string) $step[$field]);
                $question = Question::of(
                    AnswerKind::from($text('answer') ?? 'tick'),
                    $text('unit'),
                    $text('low'),
                    $text('high'),
                    $text('choices'),
                    "steps.{$i}",
                );
                $plain = static fn (?int $limit): ?string => $limit === null ? null : Quantity::plain($limit);

                return [
                    'text' => (string) $step['text'],
                    'detail' => $text('detail'),
                    'safety' => $text('safety'),
                    'minutes' => (int) ($step['minutes'] ?? 0),
                    'level' => (int) ($step['level'] ?? 1) ?: 1,
                    'answer' => $question->kind->value,
                    'unit' => $question->unit,
                    'low' => $plain($question->low),
                    'high' => $plain($question->high),
                    'choices' => $question->choices === [] ? null : implode(', ', $question->choices),
                    'each_asset' => (bool) ($step['each_asset'] ?? false),
                ];
            },
            array_values($steps),
            array_keys(array_values($steps)),
        );
    }

    /** @param  array<int, array<string, mixed>>  $labour
     * @return list<array{trade_id: int, people: int, minutes: int, level: int}> */
    private static function labour(array $labour): array
    {
        $lines = array_map(
            static fn (array $line): array => [
                'trade_id' => (int) $line['trade_id'],
                'people' => (int) $line['people'],
                'minutes' => (int) $line['minutes'],
                'level' => (int) ($line['level'] ?? 1) ?: 1,
            ],
            array_values($labour),
        );
        if (
            count(
                array_unique(
                    array_map(static fn (array $line): string => "{$line['trade_id']} {$line['level']}", $lines),
                ),
            ) < count($lines)
        ) {
            throw InvalidInput::because('twice', 'labour', 'A trade stands twice. Put its people in one line.');
        }

        return $lines;
    }

    private static function lines(mixed $text): ?string
    {
        return implode("\n", TextLines::of((string) $text)) ?: null;
    }
}
