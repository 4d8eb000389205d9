<?php

declare(strict_types=1);

namespace App\Register\Http;

use App\Platform\Api\ApiSites;
use App\Platform\Import\WriteRecord;
use App\Platform\Writing\Typed;
use App\Register\Actions\ChangeByProgram;
use App\Register\Api\AssetShape;
use App\Register\Imports\RegisterImport;
use App\Register\Models\Asset;
use App\Register\Queries\AssetsAsked;
use App\Register\Queries\RegisterStanding;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Sundial\Access\Right;
use Sundial\Import\RowOutcome;
use Sundial\Support\InvalidInput;

/** Assets, for programs. */
final class ApiAssetController
{
    public function __construct(private readonly ApiSites $sites, private readonly AssetShape $shape)
    {
    }

    public function index(Request $request, AssetsAsked $assets): JsonResponse
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
        $ids = $assets->ids($this->sites->listed(Right::SeePlant, $given['site'] ?? null), $given, $limit + 1);
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

    public function update(Request $request, Asset $asset, ChangeByProgram $change, RegisterImport $kind): JsonResponse
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
        $change(
            $request->user()->actor(),
            $asset,
            $request->json('version'),
            $kind,
            static fn (Asset $now): array => ['tag' => $now->tag] + $typed,
        );

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
