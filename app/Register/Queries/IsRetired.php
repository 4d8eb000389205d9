<?php

declare(strict_types=1);

namespace App\Register\Queries;

use App\Register\Models\Asset;
use Sundial\Register\LifeState;

/** Whether an asset is retired, so that nothing new is offered for it; asked once in a request. */
final class IsRetired
{
    /** @var array<int, bool> */
    private array $known = [];

    public function asset(int $assetId): bool
    {
        return $this->known[$assetId] ??=
            Asset::query()->whereKey($assetId)->value('life_state') === LifeState::Retired;
    }

    /** What is known of an asset that was read already. */
    public function know(Asset $asset): void
    {
        $this->known[$asset->id] = $asset->life_state === LifeState::Retired;
    }
}
