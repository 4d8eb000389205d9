<?php

declare(strict_types=1);

namespace App\Planning\Methods;

use App\People\Models\Trade;
use App\Planning\Models\Method;
use App\Planning\Models\MethodLabour;
use App\Planning\Models\MethodRevision;
use App\Planning\Models\MethodStep;
use App\Platform\Writing\Typed;
use App\Register\Models\EquipmentClass;
use Sundial\Support\Csv;
use Sundial\Support\InvalidInput;

/**
 * A method as a file: whole as JSON (its schema is published at /schemas/method.json), its steps as CSV. What is
 * written reads back the same.
 */
final class MethodFile
{
    /** Columns of the steps in CSV. */
    public const COLUMNS = [
        'text',
        'minutes',
        'detail',
        'safety',
        'level',
        'answer',
        'unit',
        'low',
        'high',
        'choices',
        'each_asset',
    ];

    /** @return array<string, mixed> */
    public static function json(Method $method, MethodRevision $revision): array
    {
        $content = RevisionContent::of($revision);

        return [
            '$schema' => url('/schemas/method.json'),
            'code' => $method->code,
            'name' => $method->name,
            'class' => $method->class?->name,
            'revision' => $revision->number,
            'purpose' => $revision->purpose,
            'type' => $revision->order_type,
            'priority' => $revision->priority,
            'ladder' => $revision->ladder,
            'tools' => self::lines($revision->tools),
            'precautions' => self::lines($revision->precautions),
            'steps' => $revision->steps->map(self::step(...))->all(),
            'labour' => $revision->labour
                ->map(
                    static fn (MethodLabour $line): array => ['trade' => $line->trade->name] +
                        $line->only(['people', 'minutes', 'level']),
                )
                ->all(),
            'parts' => self::lines($content->partsText()),
            'services' => self::lines($content->servicesText()),
        ];
    }

    /** @return list<string> */
    private static function lines(?string $text): array
    {
        return array_values(array_filter(explode("\n", (string) $text)));
    }

    /** @return array<string, scalar|null> */
    public static function step(MethodStep $step): array
    {
        $limit = static fn (?string $limit): ?string => $limit === null ? null : rtrim(rtrim($limit, '0'), '.');

        return array_replace(array_fill_keys(self::COLUMNS, null), $step->only(self::COLUMNS), [
            'answer' => $step->answer->value,
            'low' => $limit($step->low),
            'high' => $limit($step->high),
        ]);
    }

    /**
     * What a form would send, from a file of JSON; known classes and trades are found by their names.
     *
     * @return array<string, mixed>
     *
     * @throws InvalidInput not_json
     */
    public static function read(string $content): array
    {
        $given = json_decode($content, true, 16);
        if (! is_array($given) || ! isset($given['steps']) || ! is_array($given['steps'])) {
            throw InvalidInput::because(
                'not_json',
                'file',
                'This is no method: a file of JSON with its steps is expected. Its schema stands at '.
                    '/schemas/method.json.',
            );
        }
        $trades = Trade::query()->pluck('id', 'name');
        $text = static fn (mixed $lines): ?string => is_array($lines)
            ? implode("\n", array_filter($lines, is_string(...)))
            : (is_string($lines)
                ? $lines
                : null);
        $strings = static fn (array $line): array => array_map(
            static fn (mixed $value): mixed => is_bool($value)
                ? ($value
                    ? '1'
                    : '')
                : (is_scalar($value)
                    ? (string) $value
                    : null),
            $line,
        );

        return [
            'class_id' => EquipmentClass::query()->where('name', Typed::text($given, 'class'))->value('id'),
            'order_type' => $given['type'] ?? 'preventive',
            'priority' => $given['priority'] ?? 'routine',
            'tools' => $text($given['tools'] ?? null),
            'precautions' => $text($given['precautions'] ?? null),
            'parts' => $text($given['parts'] ?? null),
            'services' => $text($given['services'] ?? null),
            'steps' => array_map(
                static fn (mixed $step): array => is_array($step) ? $strings($step) : [],
                array_values($given['steps']),
            ),
            'labour' => array_map(
                static fn (mixed $line): array => [
                    'trade_id' => is_array($line) ? $trades[Typed::text($line, 'trade')] ?? null : null,
                ] + (is_array($line) ? $strings($line) : []),
                array_values((array) ($given['labour'] ?? [])),
            ),
        ] + array_intersect_key($given, array_flip(['code', 'name', 'purpose', 'ladder']));
    }

    /**
     * Steps from a file of CSV whose first line names the columns.
     *
     * @return list<array<string, string>>
     *
     * @throws InvalidInput no_steps
     */
    public static function readSteps(string $content): array
    {
        $rows = array_values(Csv::records($content));
        $head = array_map(static fn (string $name): string => strtolower(trim($name)), array_shift($rows) ?? []);
        if (! in_array('text', $head, true)) {
            throw InvalidInput::because(
                'no_steps',
                'file',
                'The first line has to name the columns, one of them “text”. Known are: '.
                    implode(', ', self::COLUMNS).
                    '.',
            );
        }
        $steps = [];
        foreach ($rows as $row) {
            if (trim(implode('', $row)) !== '') {
                $steps[] = array_map(
                    Csv::unguarded(...),
                    array_intersect_key(
                        array_combine($head, array_slice(array_pad($row, count($head), ''), 0, count($head))),
                        array_flip(self::COLUMNS),
                    ),
                );
            }
        }

        return $steps;
    }
}
