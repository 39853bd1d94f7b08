<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\Office;
use App\Models\PictureBeneath;
use App\Models\Project;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Number;

/** How much an office keeps, removed homes included. */
final readonly class OfficeSizes
{
    public function __construct(private Office $office) {}

    /** @return array<string, array{int, string}> what, how many, and how much room it takes */
    public function listed(): array
    {
        $projects = Project::withTrashed()->where('office_id', $this->office->id)->select('id')->toBase();
        $schemes = DB::table('schemes')->whereIn('project_id', $projects)->select('id');
        $revisions = DB::table('revisions')->whereIn('scheme_id', $schemes)->select('id');

        return [
            __('Drawings') => self::of(DB::table('schemes')->whereIn('id', $schemes), 'length(layout)'),
            __('Edits') => self::of(DB::table('scheme_edits')->whereIn('scheme_id', $schemes), 'length(patch)'),
            __('Revisions') => self::of(DB::table('revisions')->whereIn('id', $revisions), 'length(layout) + coalesce(length(decided), 0)'),
            __('Letters') => self::of(DB::table('letters')->whereIn('revision_id', $revisions), 'length(html) + length(content)'),
            __('Mails') => self::of(DB::table('outgoing_mails')->where('office_id', $this->office->id), 'length(body)'),
            __('Pictures') => $this->pictures($schemes),
        ];
    }

    /** @return array{int, string} */
    private static function of(Builder $rows, string $bytes): array
    {
        $sums = (array) $rows->selectRaw("count(*) as rows_there, coalesce(sum({$bytes}), 0) as bytes_there")->first();

        return [
            is_numeric($sums['rows_there'] ?? null) ? (int) $sums['rows_there'] : 0,
            Number::fileSize(is_numeric($sums['bytes_there'] ?? null) ? (int) $sums['bytes_there'] : 0),
        ];
    }

    /** @return array{int, string} */
    private function pictures(Builder $schemes): array
    {
        $disk = Storage::disk(PictureBeneath::DISK);
        $files = PictureBeneath::query()
            ->whereIn('scheme_id', $schemes)
            ->get(['id', 'file'])
            ->map(static fn(PictureBeneath $picture): int => $disk->exists($picture->file) ? $disk->size($picture->file) : 0)
            ->all();

        return [count($files), Number::fileSize(array_sum($files))];
    }
}
