<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Api\ApiSites;
use App\Platform\Import\WriteRecord;
use App\Platform\Writing\StaleWrite;
use App\Platform\Writing\Typed;
use App\Register\Api\AssetShape;
use App\Register\Imports\RegisterImport;
use App\Register\Models\Asset;
use App\Register\Queries\RegisterStanding;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;
use Sundial\Import\RowOutcome;
use Sundial\Support\InvalidInput;

/** Assets, for programs. */
final class ApiAssetController
{
    public function __construct(private readonly ApiSites $sites, private readonly AssetShape $shape)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $given = $request->validate([
            'site' => ['string'],
            'tag' => ['string', 'max:40'],
            'class' => ['string', 'max:60'],
            'q' => ['string', 'max:100'],
            'changed_since' => ['date'],
            'after' => ['integer'],
            'limit' => ['integer', 'between:1,500'],
        ]);
        $limit = (int) ($given['limit'] ?? 100);
        $ids = DB::table('assets as a')
            ->whereIn('a.site_id', $this->sites->listed(Right::SeePlant, $given['site'] ?? null))
            ->where('a.id', '>', (int) ($given['after'] ?? 0))
            ->when(isset($given['tag']), static fn ($query) => $query->where('a.tag', $given['tag']))
            ->when(
                isset($given['class']),
                static fn ($query) => $query->whereIn(
                    'a.class_id',
                    DB::table('equipment_classes')->where('name', $given['class'])->select('id'),
                ),
            )
            ->when(
                isset($given['q']),
                static fn ($query) => $query->where('a.search', 'like', '%'.addcslashes($given['q'], '%_\\').'%'),
            )
            ->when(
                isset($given['changed_since']),
                static fn ($query) => $query->where(
                    'a.updated_at',
                    '>=',
                    gmdate('Y-m-d H:i:s', (int) strtotime($given['changed_since'])),
                ),
            )
            ->orderBy('a.id')
            ->limit($limit + 1)
            ->pluck('a.id')
            ->map(static fn (mixed $id): int => (int) $id)
            ->all();
        $page = array_slice($ids, 0, $limit);

        return new JsonResponse([
            'data' => $this->shape->of($page),
            'next' => count($ids) > $limit
                ? '/api/v1/assets?'.http_build_query(['after' => end($page)] + $given)
                : null,
        ]);
    }

    public function show(Asset $asset): JsonResponse
    {
        return $this->answer($asset->id, 200);
    }

    public function store(Request $request, WriteRecord $write, RegisterImport $kind): JsonResponse
    {
        $site = $this->sites->named(Typed::word($request, 'site'));
        $id = $write(
            $request->user()->actor(),
            $kind,
            $site->id,
            ['kind' => 'asset'] + $this->typed($request),
            RowOutcome::Make,
        );

        return $this->answer($id, 201);
    }

    public function update(Request $request, Asset $asset, WriteRecord $write, RegisterImport $kind): JsonResponse
    {
        $typed = $this->typed($request);
        if (! is_int($request->json('version'))) {
            throw InvalidInput::because(
                'missing',
                'version',
                'Send the version that you read, so that nobody’s change is overwritten.',
            );
        }
        if (isset($typed['tag']) && $typed['tag'] !== $asset->tag) {
            throw InvalidInput::because('fixed', 'tag', 'A tag is changed on the asset’s own sheet, not here.');
        }
        DB::transaction(static function () use ($request, $asset, $write, $kind, $typed): void {
            $now = Asset::query()->lockForUpdate()->findOrFail($asset->id);
            if ($now->version !== $request->json('version')) {
                throw StaleWrite::of($now);
            }
            $write(
                $request->user()->actor(),
                $kind,
                $asset->site_id,
                ['tag' => $asset->tag] + $typed,
                RowOutcome::Change,
            );
        });

        return $this->answer($asset->id, 200);
    }

    /** @return array<string, string> what was sent, by column; extra fields by the key of theirs */
    private function typed(Request $request): array
    {
        $typed = [];
        $sent = array_diff_key($request->json()->all(), ['site' => 1, 'version' => 1]);
        foreach (is_array($sent['extra'] ?? null) ? $sent['extra'] : [] as $name => $value) {
            $key = array_search(
                (string) $name,
                array_map(static fn ($rule): string => $rule->name, app(RegisterStanding::class)->rules()),
                true,
            );
            $sent[$key === false ? "extra.{$name}" : $key] = $value;
        }
        foreach (array_diff_key($sent, ['extra' => 1]) as $field => $value) {
            if (is_array($value)) {
                throw InvalidInput::because(
                    'not_plain',
                    (string) $field,
                    "{$field} is a text, a number, true, false or null.",
                );
            }
            $typed[(string) $field] = is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value;
        }

        return $typed;
    }

    private function answer(int $id, int $status): JsonResponse
    {
        return new JsonResponse(
            $this->shape->of([$id])[0],
            $status,
            $status === 201 ? ['Location' => "/api/v1/assets/{$id}"] : [],
        );
    }
}
