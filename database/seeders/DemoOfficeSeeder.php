<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\ChangeScheme;
use App\Actions\ChooseBooks;
use App\Actions\CloseReview;
use App\Actions\OpenProject;
use App\Actions\RuleOnFindings;
use App\Actions\SendLetter;
use App\Actions\SubmitScheme;
use App\Actions\WriteBrief;
use App\Letters\LetterDraft;
use App\Models\Office;
use App\Models\Project;
use App\Models\Revision;
use App\Models\Role;
use App\Models\RulingKind;
use App\Models\Scheme;
use App\Models\User;
use App\Pages\ReviewPages;
use App\Rulings\Rulings;
use App\Sheets\Paper;
use App\Sheets\SheetDefinition;
use App\Sheets\SheetSet;
use App\Sheets\ViewDefinition;
use App\Sheets\ViewKind;
use Heurema\Brief\Brief;
use Heurema\Geometry\Point;
use Heurema\Layout\Edit\Add;
use Heurema\Layout\Edit\ChangeValues;
use Heurema\Layout\Edit\Move;
use Heurema\Layout\Edit\Remove;
use Heurema\Layout\ElementList;
use Heurema\Layout\LayoutReader;
use Heurema\Review\Finding;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;

/** An invented plan review office with six invented homes, each at another point of its review. */
final class DemoOfficeSeeder extends Seeder
{
    private User $reviewer;

    private User $designer;

    public function __construct(
        private readonly OpenProject $open,
        private readonly LayoutReader $reader,
        private readonly ReviewPages $pages,
        private readonly RuleOnFindings $rulings,
        private readonly SendLetter $letters,
        private readonly ChangeScheme $changes,
        private readonly SubmitScheme $submissions,
        private readonly ChooseBooks $books,
        private readonly CloseReview $ends,
        private readonly WriteBrief $briefs,
    ) {}

    public function run(): void
    {
        DB::transaction(function (): void {
            $office = Office::query()->create(['name' => 'Tamarind Bay Plan Review']);
            $this->reviewer = $this->person($office, 'Nadia Lindqvist', 'reviewer', Role::Reviewer);
            $this->designer = $this->person($office, 'Tomas Arrieta', 'designer', Role::Designer);
            $this->person($office, 'Ruth Okonjo', 'principal', Role::Principal);
            $this->justHandedIn();
            $this->inReview();
            $this->signedOff();
            $this->returned();
            $this->twoOptions();
            $this->answered();
        });
    }

    private function justHandedIn(): void
    {
        $revision = $this->home('weir-cabin.json', 'Weir Lane, Tamarind Bay', $this->reviewer);
        $this->wish($revision->scheme->project, [
            '2 bedrooms of 7 to 14 m2, each at least 2.1 m wide',
            'the kitchen-living room of 18 m2 or more, with a table and a sofa, overlooking the porch',
            'the shower room not opening from a bedroom',
            'every room at least 2.3 m high',
            'circulation at most 10 %',
        ]);
    }

    /** @param list<string> $sentences */
    private function wish(Project $project, array $sentences): void
    {
        $this->briefs->write($project, $this->reviewer, Brief::of($sentences));
    }

    private function inReview(): void
    {
        $revision = $this->home('quarry-flat.json', '3 Quarry Steps, Tamarind Bay');
        $this->wish($revision->scheme->project, [
            '2 bedrooms of 9 to 16 m2, each with a wardrobe',
            'every bedroom opening from the hall, reached without crossing the kitchen-living room',
            'one bedroom with a bathroom of its own',
            'the kitchen-living room at least 3.5 m by 5 m, facing south or south-west',
            'the bathroom with a bath or a shower, with a washing machine, and beside a bedroom',
            'all rooms together 50 to 75 m2, circulation at most 15 %',
        ]);
        foreach (array_slice($this->openFindings($revision), 0, 3) as $number => $finding) {
            $number === 1
                ? $this->rulings->rule(
                    $revision,
                    $this->reviewer,
                    [$finding],
                    RulingKind::Waive,
                    'The building is older than the rule; it may stay.',
                )
                : $this->rulings->rule($revision, $this->reviewer, [$finding], RulingKind::Uphold, null);
        }
    }

    /** A letter, an answer, and the next revision with one thing mended and one only moved. */
    private function answered(): void
    {
        $revision = $this->home('orchard-terrace.json', '14 Orchard Terrace, Tamarind Bay');
        $words = [
            'toilet-side' => 'The closet wants to stand in the middle of its niche.',
            'stair-headroom' => 'A shallower header would do.',
        ];
        foreach ($this->openFindings($revision) as $finding) {
            if (in_array($finding->rule->id, ['toilet-side', 'toilet-front', 'room-area', 'stair-headroom', 'guard-needed'], true)) {
                $this->rulings->rule($revision, $this->reviewer, [$finding], RulingKind::Uphold, $words[$finding->rule->id] ?? null);
            }
            if ($finding->rule->id === 'escape' && $finding->outcome->missing !== []) {
                $this->rulings->rule($revision, $this->reviewer, [$finding], RulingKind::Ask, 'How does the window of bedroom 2 open?');
            }
        }
        $this->send($revision);
        $scheme = $revision->scheme;
        $this->changes->edit(
            $scheme,
            $this->designer,
            1,
            Add::of(
                'U',
                ElementList::Guards,
                ['id' => 'ug2', 'line' => [[6318.25, 3048], [7232.65, 3048]], 'height' => 914.4, 'largest_gap' => 98.425],
            ),
        );
        $this->changes->edit($scheme, $this->designer, 2, new ChangeValues('gs2', ['underside' => 2420]));
        $this->submissions->submit(
            $scheme,
            $this->designer,
            'The upper edge has its guard. The header is a quarter inch higher. The window of bedroom 2 is not ordered yet.',
        );
        $scheme->refresh()->update(['sheets' => self::sheets()->toArray()]);
    }

    /** Both storeys on one sheet, the kitchen's walls on another, two faces and a section on a third. */
    private static function sheets(): SheetSet
    {
        $plan = static fn(string $storey): ViewDefinition => new ViewDefinition(ViewKind::Plan, $storey, outside: 'chain');
        $notes = "Dimensions are to finished faces.\nCheck on site before anything is ordered.\nSmoke alarms are connected to each other.";

        return new SheetSet([
            new SheetDefinition('Plans', Paper::ArchC, false, true, [
                $plan('G'), $plan('U'), new ViewDefinition(ViewKind::Legend), new ViewDefinition(ViewKind::Notes, $notes),
                new ViewDefinition(ViewKind::Revisions),
            ]),
            new SheetDefinition('Kitchen', Paper::ArchC, false, false, [
                new ViewDefinition(ViewKind::Elevations, 'gr4'), new ViewDefinition(ViewKind::Section, 'st1'),
            ]),
            new SheetDefinition('Faces and section', Paper::ArchC, false, false, [
                new ViewDefinition(ViewKind::Face, 'bottom'), new ViewDefinition(ViewKind::Face, 'left'),
                new ViewDefinition(ViewKind::Cut, 'c1'),
            ]),
        ], [['Drawn by', 'T. Arrieta'], ['Job', '2026-117']]);
    }

    private function signedOff(): void
    {
        $revision = $this->home('heron-bungalow.json', '2 Heron Reach, Tamarind Bay');
        foreach ($this->openFindings($revision) as $finding) {
            $this->rulings->rule($revision, $this->reviewer, [$finding], RulingKind::Waive, 'Shown on the electrical plan, sheet E2.');
        }
        $this->ends->signOff($revision, $this->reviewer);
    }

    private function returned(): void
    {
        $revision = $this->home('lantern-row.json', '7 Lantern Row, Tamarind Bay');
        $this->books->choose($revision, $this->reviewer, ['uk-part-k', 'uk-part-m', 'uk-space', 'drawing'], ['category' => 'M4(2)']);
        foreach ($this->openFindings($revision) as $finding) {
            $this->rulings->rule($revision, $this->reviewer, [$finding], RulingKind::Uphold, null);
        }
        $this->send($revision);
    }

    /** The second one gives up a window for a wider sofa wall; the client wants three bedrooms. */
    private function twoOptions(): void
    {
        $revision = $this->home('ferry-cottage.json', '1 Ferry Road, Tamarind Bay');
        $project = $revision->scheme->project;
        $this->wish($project, [
            'at least 2 bedrooms',
            'every bedroom: at least 120 sq ft, with a bed',
            'the largest bedroom at least 10 ft wide, facing south or west',
            'the living room of 200 sq ft or more, with 2 windows',
            'the kitchen-dining room opening from the living room or the hall',
            'a bathroom with a bath or a shower, not opening from the kitchen-dining room',
            'all rooms together at least 700 sq ft, circulation at most 12 %',
        ]);
        /** @var Scheme $second */
        $second = $project->schemes()->create(['name' => 'Scheme B', 'layout' => $revision->layout, 'version' => 1]);
        $this->changes->edit($second, $this->designer, 1, new Remove(['fn8']));
        $this->changes->edit($second, $this->designer, 2, new Move(['ff5'], new Point(600, 0)));
        $this->submissions->submit($second, $this->designer);
    }

    private function home(string $file, string $address, ?User $by = null): Revision
    {
        return $this->open->open(
            $by ?? $this->designer,
            $this->reader->read((string) file_get_contents(database_path("demo/{$file}"))),
            $address,
        );
    }

    /** @return list<Finding> */
    private function openFindings(Revision $revision): array
    {
        return array_values(array_filter(
            $this->pages->report($revision)->worstFirst(),
            static fn(Finding $finding): bool => $finding->verdict()->isOpen(),
        ));
    }

    private function send(Revision $revision): void
    {
        $this->letters->send(
            new LetterDraft($revision, $this->pages->report($revision), Rulings::of($revision), LetterDraft::BY_ROOM),
            $this->reviewer,
        );
    }

    private function person(Office $office, string $name, string $account, Role $role): User
    {
        return $office->users()->create(['name' => $name, 'email' => "{$account}@heurema.test", 'password' => 'daylight', 'role' => $role]);
    }
}
