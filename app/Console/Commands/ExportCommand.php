<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Drawing\DimensionStyle;
use App\Exchange\HomeFormat;
use App\Intake\HomeFile;
use App\Intake\UnreadableHomeFile;
use App\Sheets\ComposedSheet;
use App\Sheets\DoesNotFit;
use App\Sheets\Paper;
use App\Sheets\PdfPrinter;
use App\Sheets\SheetSet;
use App\Sheets\SheetSource;
use App\Sheets\TitleBlock;
use Heurema\Layout\Layout;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Layout\Storey;
use Heurema\Spatial\Home;
use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Writes a home that can be read in another form, to standard output. Exit 2: it cannot be read or written. */
final class ExportCommand extends Command
{
    use WritesErrors;

    private const UNREADABLE = 2;

    protected $signature = 'heurema:export
        {file : a layout document or a building model (.ifc, .ifczip), or - for standard input}
        {--format=json : json, ifc or glb, svg of one storey, or pdf}
        {--storey= : the storey by its id or name; without it the lowest, as pdf all of them}
        {--paper= : the sheet, such as A3 or Letter; without it A3 or Tabloid}';

    protected $description = 'Write a home as a layout document, a building model, a scene or a sheet';

    public function handle(PdfPrinter $printer): int
    {
        try {
            $layout = HomeFile::read($this->content())->layout;
            $wanted = $this->option('format');
            $written = match ($wanted) {
                'svg' => $this->sheet($layout, $this->storeys($layout)[0]),
                'pdf' => $printer->sheets(
                    array_map(fn(Storey $one): string => $this->sheet($layout, $one), $this->storeys($layout)),
                    $layout->name,
                ),
                default => HomeFormat::tryFrom((string) $wanted)?->write($layout)
                    ?? throw new \InvalidArgumentException('--format is json, ifc, glb, svg or pdf.'),
            };
        } catch (UnreadableHomeFile|UnreadableLayout|DoesNotFit|\InvalidArgumentException $e) {
            $this->complain($e->getMessage());

            return self::UNREADABLE;
        }
        $this->output->write($written, false, OutputInterface::OUTPUT_RAW);

        return 0;
    }

    private function sheet(Layout $layout, Storey $storey): string
    {
        $style = DimensionStyle::from([]);
        $paper = $this->paper($layout);
        $title = new TitleBlock(
            project: $layout->name,
            address: '',
            name: $storey->name,
            state: '',
            office: '',
            date: '',
            paper: $paper->value,
            dimensions: $style->says($layout),
        );

        return (new ComposedSheet(SheetSet::plan($storey, $paper), new SheetSource(new Home($layout), $style), $title))->svg();
    }

    /** @return non-empty-list<Storey> */
    private function storeys(Layout $layout): array
    {
        $wanted = $this->option('storey');
        $storeys = array_filter(
            $layout->storeys,
            static fn(Storey $storey): bool => $wanted === null || in_array($wanted, [$storey->id, $storey->name], true),
        );

        return $storeys === []
            ? throw new \InvalidArgumentException($wanted === null ? 'It has no storey.' : "There is no storey \"{$wanted}\".")
            : array_values($storeys);
    }

    private function paper(Layout $layout): Paper
    {
        $wanted = $this->option('paper');
        $names = array_map(static fn(Paper $one): string => $one->value, Paper::of($layout->units));

        return $wanted === null
            ? Paper::usual($layout->units)
            : Paper::tryFrom($wanted) ?? throw new \InvalidArgumentException('--paper is '.implode(', ', $names).'.');
    }

    private function content(): string
    {
        $file = $this->argument('file');
        $source = $file === '-' ? 'php://stdin' : $file;
        $content = $file === '-' || is_file($file) ? file_get_contents($source, length: HomeFile::LARGEST_BYTES + 1) : false;

        return $content === false ? throw new \InvalidArgumentException("Cannot read the file {$file}.") : $content;
    }
}
