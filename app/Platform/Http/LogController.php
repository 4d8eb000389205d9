<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Access\Rights;
use App\Platform\Audit\PlantLog;
use App\Platform\Files\Table;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use App\Platform\Subjects;
use App\Platform\Writing\Typed;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Sundial\Access\Right;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The log of the whole plant, or of one asset: filtered, and exported as it is filtered. */
final class LogController
{
    private const PER_PAGE = 50;

    public function __construct(
        private readonly CurrentSite $site,
        private readonly PlantLog $log,
        private readonly Subjects $subjects,
    ) {
    }

    public function show(Request $request): Page
    {
        [$filter, $given, $about] = $this->filter($request);
        $site = $this->site->get();
        $lines = $this->log->page($site, $filter, self::PER_PAGE + 1, $request->integer('before') ?: null);

        return Page::in('assets', 'Log')->sheet('log.sheet', [
            'lines' => array_slice($lines, 0, self::PER_PAGE),
            'more' => count($lines) > self::PER_PAGE,
            'given' => $given,
            'about' => $about,
            'kinds' => $this->log->kinds($site),
            'people' => $this->log->people($site),
            'site' => $site,
        ]);
    }

    public function export(Request $request, string $format): StreamedResponse
    {
        [$filter] = $this->filter($request);
        $rows = (function () use ($filter) {
            foreach ($this->log->all($this->site->get(), $filter) as $line) {
                yield [
                    $line->at->format('c'),
                    $line->who,
                    $line->did,
                    implode(
                        '; ',
                        array_map(
                            static fn (string $field, array $change): string => "{$field}: ".
                                self::word($change[0]).
                                ' -> '.
                                self::word($change[1]),
                            array_keys($line->changes),
                            $line->changes,
                        ),
                    ),
                    $line->note,
                ];
            }
        })();

        return Table::stream($format, 'log', ['at', 'who', 'what', 'changes', 'note'], $rows);
    }

    private static function word(mixed $value): string
    {
        return $value === null
            ? ''
            : (is_bool($value)
                ? ($value
                    ? 'yes'
                    : 'no')
                : (is_scalar($value)
                    ? (string) $value
                    : (string) json_encode($value)));
    }

    /**
     * @return array{array<string, mixed>, array<string, string>, array{string, string}|null} for the query, as
     *     given, and the name and address of the one record
     */
    private function filter(Request $request): array
    {
        $given = array_filter(
            Typed::words($request, 'kind', 'person', 'from', 'to', 'q', 'asset'),
            static fn (mixed $value): bool => is_string($value) && $value !== '',
        );
        $filter = ['setup' => Rights::has(Right::Administer)] + array_intersect_key($given, ['kind' => 1, 'q' => 1]);
        foreach (['from', 'to'] as $day) {
            if (
                preg_match('/^\d{4}-\d{2}-\d{2}$/D', $given[$day] ?? '') === 1 &&
                checkdate(
                    (int) substr($given[$day], 5, 2),
                    (int) substr($given[$day], 8),
                    (int) substr($given[$day], 0, 4),
                )
            ) {
                $filter[$day] = $given[$day];
            }
        }
        if (ctype_digit($given['person'] ?? '')) {
            $filter['person'] = (int) $given['person'];
        }
        $about = null;
        if (ctype_digit($given['asset'] ?? '')) {
            $record = $this->subjects->find('asset', (int) $given['asset']) ?? abort(404);
            Gate::authorize('view', $record);
            $about = $this->subjects->says('asset', $record);
            $filter['about'] = Subject::of('asset', (int) $given['asset']);
        }

        return [$filter, $given, $about];
    }
}
