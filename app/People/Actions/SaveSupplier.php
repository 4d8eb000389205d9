<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\Supplier;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;

/** Adds a supplier or contractor, or changes what is known of one. */
final readonly class SaveSupplier
{
    private const FACTS = [
        'name',
        'contractor',
        'serves',
        'contact',
        'phone',
        'email',
        'website',
        'address',
        'notes',
        'active',
    ];

    public function __construct(private Audit $audit)
    {
    }

    /** @param  array<string, mixed>  $input */
    public function __invoke(Actor $by, ?Supplier $supplier, array $input, ?int $version = null): Supplier
    {
        return DB::transaction(function () use ($by, $supplier, $input, $version): Supplier {
            $isNew = $supplier === null;
            $supplier = $isNew ? new Supplier() : Versioned::lock($supplier, $version);
            $before = $isNew ? [] : $supplier->only(self::FACTS);
            $supplier->fill(array_intersect_key($input, array_flip(self::FACTS)))->save();
            $changes = Audit::difference($before, $supplier->only(self::FACTS));
            if ($isNew || $changes !== []) {
                $this->audit->record(
                    $by,
                    $supplier->subject(),
                    $isNew ? "added {$supplier->name}" : "changed {$supplier->name}",
                    $isNew ? [] : $changes,
                );
            }

            return $supplier;
        });
    }
}
