<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Inputs\SupplierInput;
use App\People\Models\Supplier;
use App\Platform\Audit\Actor;
use App\Platform\Audit\Audit;
use App\Platform\Writing\Versioned;
use Illuminate\Support\Facades\DB;

/** Adds a supplier or contractor, or changes what is known of one. */
final readonly class SaveSupplier
{
    public function __construct(private Audit $audit)
    {
    }

    public function __invoke(Actor $by, ?Supplier $supplier, SupplierInput $input, ?int $version = null): Supplier
    {
        return DB::transaction(function () use ($by, $supplier, $input, $version): Supplier {
            $isNew = $supplier === null;
            $supplier = $isNew ? new Supplier() : Versioned::lock($supplier, $version);
            $before = $isNew ? [] : $supplier->only(SupplierInput::FACTS);
            $supplier->fill($input->facts);
            if (! Versioned::save($supplier)) {
                return $supplier;
            }
            $changes = Audit::difference($before, $supplier->only(SupplierInput::FACTS));
            $this->audit->record(
                $by,
                $supplier->subject(),
                $isNew ? "added {$supplier->name}" : "changed {$supplier->name}",
                $isNew ? [] : $changes,
            );

            return $supplier;
        });
    }
}
