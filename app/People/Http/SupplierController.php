<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\SaveSupplier;
use App\People\Http\Requests\SupplierRequest;
use App\People\Models\Supplier;
use App\People\Queries\SupplierIndex;
use App\Platform\Audit\LogQuery;
use App\Platform\Extension\Extensions;
use App\Platform\Files\Table;
use App\Platform\Frame\Page;
use App\Platform\Sites\CurrentSite;
use App\Platform\Writing\FirstAnswer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class SupplierController
{
    public function __construct(private readonly CurrentSite $site, private readonly SupplierIndex $suppliers)
    {
    }

    private function page(Request $request, string $title, ?int $current = null): Page
    {
        return Page::in('assets', $title)->index('people.suppliers.index', function () use (
            $request,
            $current,
        ): array {
            return [
                'suppliers' => ($this->suppliers)(self::asked($request)),
                'q' => self::asked($request),
                'current' => $current,
                'total' => $this->suppliers->total(),
            ];
        });
    }

    private static function asked(Request $request): string
    {
        return is_string($request->query('q')) ? trim($request->query('q')) : '';
    }

    public function export(Request $request, string $format): StreamedResponse
    {
        return Table::stream(
            $format,
            'suppliers',
            ['name', 'contractor', 'serves', 'contact', 'phone', 'e-mail', 'website', 'address', 'notes', 'in use'],
            $this->suppliers
                ->all(self::asked($request))
                ->map(
                    static fn (Supplier $supplier): array => [
                        $supplier->name,
                        $supplier->contractor ? 'yes' : 'no',
                        $supplier->serves,
                        $supplier->contact,
                        $supplier->phone,
                        $supplier->email,
                        $supplier->website,
                        $supplier->address,
                        $supplier->notes,
                        $supplier->active ? 'yes' : 'no',
                    ],
                ),
        );
    }

    public function index(Request $request): Page
    {
        return $this->page($request, 'Suppliers')->sheet('people.suppliers.overview', [
            'any' => $this->suppliers->total() > 0,
        ]);
    }

    public function show(Request $request, Supplier $supplier, Extensions $extensions): Page
    {
        return $this->page($request, $supplier->name, $supplier->id)->sheet('people.suppliers.sheet', [
            'supplier' => $supplier,
            'sections' => $extensions->sections($supplier->subject()),
            'log' => (new LogQuery())->of($supplier->subject(), $this->site->get()->zone()),
        ]);
    }

    public function create(Request $request): Page
    {
        return $this->page($request, 'New supplier')->sheet('people.suppliers.form', ['supplier' => null]);
    }

    public function edit(Request $request, Supplier $supplier): Page
    {
        return $this->page($request, $supplier->name, $supplier->id)->sheet('people.suppliers.form', [
            'supplier' => $supplier,
        ]);
    }

    public function store(SupplierRequest $request, SaveSupplier $save, FirstAnswer $once): RedirectResponse
    {
        $said = $request->said();

        return $once->redirect(static fn (): array => [
            '/suppliers/'.$save($request->user()->actor(), null, $said)->id,
            "{$said->facts['name']} is in the register.",
        ]);
    }

    public function update(SupplierRequest $request, Supplier $supplier, SaveSupplier $save): RedirectResponse
    {
        $said = $request->said();
        $save($request->user()->actor(), $supplier, $said, $request->integer('version'));

        return redirect("/suppliers/{$supplier->id}")->with('said', "{$said->facts['name']} is saved.");
    }
}
