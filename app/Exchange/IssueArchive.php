<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Files\TemporaryFile;
use App\Letters\LetterDraft;
use App\Letters\LetterItem;
use App\Letters\PlanFrame;
use App\Sheets\Picture;
use Heurema\Ifc\Writing\GlobalId;
use Heurema\Layout\Layout;
use Heurema\Review\Finding;
use Heurema\Spatial\Subject\SubjectType;
use Ramsey\Uuid\Uuid;

/**
 * The items of a letter as a BCF archive (buildingSMART), version 2.1 or 3.0: a topic each, with the components that it is about, a
 * viewpoint from above and a picture.
 */
final readonly class IssueArchive
{
    private const DECLARATION = '<?xml version="1.0" encoding="UTF-8"?>'."\n";
    private const AUTHOR = 'Heurema';

    /** How far above the floor one looks down, m. */
    private const ABOVE = 10.0;

    /** What has no component of its own in a building model. */
    private const WHOLE = [SubjectType::Dwelling, SubjectType::Space, SubjectType::Survey];

    public function __construct(private Picture $pictures) {}

    public function of(LetterDraft $letter, IssueVersion $version): string
    {
        return TemporaryFile::archive('bcf', fn(\ZipArchive $zip) => $this->fill($zip, $letter, $version));
    }

    /** The topic that an item of the letter about a revision is: the same in every archive. */
    public static function topic(int $revision, string $item): string
    {
        return self::guid("{$revision} {$item}");
    }

    /** The comment that is the letter's own words on a topic. */
    public static function comment(string $topic): string
    {
        return self::guid("{$topic} comment");
    }

    private function fill(\ZipArchive $zip, LetterDraft $letter, IssueVersion $version): void
    {
        $project = self::guid("project {$letter->revision->scheme->project_id}");
        $named = "<Project ProjectId=\"{$project}\"><Name>".self::text($letter->revision->scheme->project->name).'</Name></Project>';
        foreach ($version->frame($named) as $name => $content) {
            $zip->addFromString($name, self::DECLARATION.$content);
        }
        foreach ($letter->items as $item) {
            $this->add($zip, $letter, $item, $version);
        }
    }

    private function add(\ZipArchive $zip, LetterDraft $letter, LetterItem $item, IssueVersion $version): void
    {
        $topic = self::topic($letter->revision->id, $item->key());
        $picture = $letter->crop($item);
        $zip->addFromString("{$topic}/markup.bcf", self::DECLARATION.self::markup($item, $topic, $picture !== null, $version));
        $looksAt = self::viewpoint($item->finding, $topic, $letter->frame($item), $letter->revision->layout, $version);
        $zip->addFromString("{$topic}/viewpoint.bcfv", self::DECLARATION.$looksAt);
        if ($picture !== null) {
            $zip->addFromString("{$topic}/snapshot.png", $this->pictures->of($picture, 900));
        }
    }

    private static function markup(LetterItem $item, string $topic, bool $hasPicture, IssueVersion $version): string
    {
        $author = self::text($item->by()->email ?? self::AUTHOR);
        $date = (string) $item->on()?->toIso8601String();
        $viewpoint = self::guid("{$topic} viewpoint");
        $comment = $item->words() === null ? '' : '<Comment Guid="'.self::comment($topic)."\"><Date>{$date}</Date>"
            ."<Author>{$author}</Author><Comment>".self::text($item->words()).'</Comment>'
            ."<Viewpoint Guid=\"{$viewpoint}\"/></Comment>";
        $head = "<Topic Guid=\"{$topic}\" TopicType=\"".($item->asks() ? 'Request' : 'Error').'" TopicStatus="Open">'
            .'<Title>'.self::text(trim("{$item->clause()} {$item->title()}: {$item->subject()}")).'</Title>'
            ."<Index>{$item->number}</Index>".$version->labels(self::text($item->room))
            ."<CreationDate>{$date}</CreationDate><CreationAuthor>{$author}</CreationAuthor>"
            .'<Description>'.self::text(self::said($item)).'</Description>';

        return $version->markup($head, $comment, $viewpoint, $hasPicture);
    }

    private static function said(LetterItem $item): string
    {
        $finding = $item->finding;
        $said = [
            "{$item->subject()}.",
            $finding?->measuredText() === null ? '' : __('Measured :measuredText, required :limitText.', [
                'measuredText' => $finding->measuredText(),
                'limitText' => $finding->limitText(),
            ]),
            (string) $finding?->reason(),
            (string) $item->words(),
        ];

        return implode(' ', array_filter($said, static fn(string $part): bool => $part !== ''));
    }

    /** Straight down, in metres, with the top of the sheet at the top. */
    private static function viewpoint(?Finding $finding, string $topic, PlanFrame $frame, Layout $layout, IssueVersion $version): string
    {
        $middle = $frame->box->middle();
        $place = sprintf(
            '<X>%.3f</X><Y>%.3f</Y><Z>%.3f</Z>',
            $middle->x / 1000,
            $middle->y / 1000,
            ($layout->storey($frame->storey)->elevation ?? 0.0) / 1000 + self::ABOVE,
        );

        return '<VisualizationInfo Guid="'.self::guid("{$topic} viewpoint").'">'.self::components($finding)
            ."<OrthogonalCamera><CameraViewPoint>{$place}</CameraViewPoint>"
            .'<CameraDirection><X>0</X><Y>0</Y><Z>-1</Z></CameraDirection><CameraUpVector><X>0</X><Y>1</Y><Z>0</Z></CameraUpVector>'
            .sprintf('<ViewToWorldScale>%.3f</ViewToWorldScale>', $frame->box->height() / 1000)
            ."{$version->aspect(PlanFrame::ASPECT)}</OrthogonalCamera></VisualizationInfo>";
    }

    /** What it is about, by the GlobalIds that a building model of the home has for it. */
    private static function components(?Finding $finding): string
    {
        if ($finding === null) {
            return '';
        }
        $about = in_array($finding->subject->type(), self::WHOLE, true) ? [] : [$finding->subject->id()];
        $ids = [...$about, ...$finding->outcome->parties ?? []];
        $components = implode('', array_map(
            static fn(string $id): string => '<Component IfcGuid="'.self::text(GlobalId::of($id)).'"/>',
            array_unique($ids),
        ));

        return '<Components>'.($components === '' ? '' : "<Selection>{$components}</Selection>")
            .'<Visibility DefaultVisibility="true"/></Components>';
    }

    private static function guid(string $of): string
    {
        return Uuid::uuid5(Uuid::NAMESPACE_URL, "heurema:{$of}")->toString();
    }

    private static function text(string $text): string
    {
        return htmlspecialchars((string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F]/', '', $text), ENT_XML1 | ENT_QUOTES);
    }
}
