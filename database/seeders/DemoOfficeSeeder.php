<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\OpenProject;
use App\Models\Office;
use App\Models\Role;
use App\Models\User;
use Heurema\Layout\LayoutReader;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/** An invented plan review office with invented homes. */
final class DemoOfficeSeeder extends Seeder
{
    private const HOMES = [
        'weir-cabin.json' => 'Weir Lane, Tamarind Bay',
        'quarry-flat.json' => '3 Quarry Steps, Tamarind Bay',
        'orchard-terrace.json' => '14 Orchard Terrace, Tamarind Bay',
    ];

    public function __construct(private readonly OpenProject $open, private readonly LayoutReader $reader) {}

    public function run(): void
    {
        DB::transaction(function (): void {
            $office = Office::query()->create(['name' => 'Tamarind Bay Plan Review']);
            $reviewer = $this->person($office, 'Nadia Lindqvist', 'reviewer', Role::Reviewer);
            $designer = $this->person($office, 'Tomas Arrieta', 'designer', Role::Designer);
            $this->person($office, 'Ruth Okonjo', 'principal', Role::Principal);
            foreach (self::HOMES as $file => $address) {
                $layout = $this->reader->read((string) file_get_contents(database_path("demo/{$file}")));
                $this->open->open($file === 'weir-cabin.json' ? $reviewer : $designer, $layout, $address);
            }
        });
    }

    private function person(Office $office, string $name, string $account, Role $role): User
    {
        return $office->users()->create(['name' => $name, 'email' => "{$account}@heurema.test", 'password' => 'daylight', 'role' => $role]);
    }
}
