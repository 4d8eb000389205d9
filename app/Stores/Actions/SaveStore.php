<?php

declare(strict_types=1);

namespace App\Stores\Actions;

use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Subject;
use App\Platform\Writing\Versioned;
use App\Stores\Models\Stock;
use App\Stores\Models\Store;
use Illuminate\Support\Facades\DB;
use Sundial\Support\InvalidInput;

/** Opens a store at a site, or changes what it is called; one in which something lies is not given up. */
final readonly class SaveStore
{
    public function __construct(private Audit $audit)
    {
    }

    /** Refuses: taken, not_empty. */
    public function __invoke(
        Actor $by,
        int $siteId,
        ?Store $store,
        string $code,
        string $name,
        bool $active = true,
        ?int $version = null,
    ): Store {
        return DB::transaction(function () use ($by, $siteId, $store, $code, $name, $active, $version): Store {
            $isNew = $store === null;
            $store = $isNew ? new Store(['site_id' => $siteId]) : Versioned::lock($store, $version);
            $same = Store::query()->where('site_id', $siteId)->where('code', $code)->whereKeyNot($store->id ?? 0);
            if ($same->exists()) {
                throw InvalidInput::because('taken', 'code', "There is a store {$code} already. Choose another code.");
            }
            if (! $active && Stock::query()->where('store_id', $store->id)->where('on_hand', '>', 0)->exists()) {
                throw InvalidInput::because(
                    'not_empty',
                    'active',
                    'Something lies in it. Carry it to another store first.',
                );
            }
            $before = $isNew ? [] : $store->only(['code', 'name', 'active']);
            $store->fill(['code' => $code, 'name' => $name, 'active' => $active]);
            if (! Versioned::save($store)) {
                return $store;
            }
            $this->audit->record(
                $by,
                Subject::of('store', $store->id, $siteId),
                ($isNew ? 'opened' : 'changed')." the store {$name}",
                $isNew ? [] : Audit::difference($before, $store->only(['code', 'name', 'active'])),
            );

            return $store;
        });
    }
}
