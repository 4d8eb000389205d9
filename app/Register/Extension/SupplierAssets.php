<?php

declare(strict_types=1);

namespace App\Register\Extension;

use App\Platform\Extension\SheetSection;
use App\Platform\Sites\CurrentSite;
use App\Platform\Subject;
use Illuminate\Support\Facades\DB;
use Sundial\Access\Right;

/** On a supplier's sheet: the assets of this site that came from them. */
final readonly class SupplierAssets implements SheetSection
{
    private const MOST = 100;

    public function __construct(private CurrentSite $site)
    {
    }

    public function kind(): string
    {
        return 'supplier';
    }

    public function title(): string
    {
        return 'Assets';
    }

    public function right(): Right
    {
        return Right::SeePlant;
    }

    public function position(): int
    {
        return 10;
    }

    public function view(Subject $subject): array
    {
        $assets = DB::table('assets as a')
            ->join('equipment_classes as c', 'c.id', '=', 'a.class_id')
            ->where('a.site_id', $this->site->id())
            ->where('a.supplier_id', $subject->id);
        $count = (clone $assets)->count();

        return [
            'register.supplier-assets',
            [
                'assets' => $assets
                    ->orderBy('a.tag')
                    ->limit(self::MOST)
                    ->get(['a.id', 'a.tag', 'a.name', 'a.warranty_until', 'c.name as class_name']),
                'count' => $count,
            ],
            $count,
        ];
    }
}
