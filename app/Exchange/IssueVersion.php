<?php

declare(strict_types=1);

namespace App\Exchange;

/** The two versions of BCF that are written, and in what they differ (written down from buildingSMART's published schemas, from memory). */
enum IssueVersion: string
{
    case Two = '2.1';
    case Three = '3.0';

    /**
     * The files that stand before the topics.
     *
     * @param string $project its element
     *
     * @return array<string, string> contents by name
     */
    public function frame(string $project): array
    {
        return match ($this) {
            self::Two => [
                'bcf.version' => '<Version VersionId="2.1"><DetailedVersion>2.1</DetailedVersion></Version>',
                'project.bcfp' => "<ProjectExtension>{$project}<ExtensionSchema/></ProjectExtension>",
            ],
            self::Three => [
                'bcf.version' => '<Version VersionId="3.0"/>',
                'project.bcfp' => "<ProjectInfo>{$project}</ProjectInfo>",
                'extensions.xml' => '<Extensions><TopicTypes><TopicType>Error</TopicType><TopicType>Request</TopicType></TopicTypes>'
                    .'<TopicStatuses><TopicStatus>Open</TopicStatus></TopicStatuses></Extensions>',
            ],
        };
    }

    public function labels(string $label): string
    {
        return $this === self::Two ? "<Labels>{$label}</Labels>" : "<Labels><Label>{$label}</Label></Labels>";
    }

    /**
     * @param string $topic     its element, not closed yet
     * @param string $comment   empty: there is none
     * @param string $viewpoint its Guid
     */
    public function markup(string $topic, string $comment, string $viewpoint, bool $hasPicture): string
    {
        $files = '<Viewpoint>viewpoint.bcfv</Viewpoint>'.($hasPicture ? '<Snapshot>snapshot.png</Snapshot>' : '');
        if ($this === self::Two) {
            return "<Markup>{$topic}</Topic>{$comment}<Viewpoints Guid=\"{$viewpoint}\">{$files}</Viewpoints></Markup>";
        }
        $comments = $comment === '' ? '' : "<Comments>{$comment}</Comments>";

        return "<Markup>{$topic}{$comments}<Viewpoints><ViewPoint Guid=\"{$viewpoint}\">{$files}</ViewPoint></Viewpoints></Topic></Markup>";
    }

    /** Of what a camera shows, width over height. */
    public function aspect(float $ratio): string
    {
        return $this === self::Two ? '' : "<AspectRatio>{$ratio}</AspectRatio>";
    }
}
