<?php

declare(strict_types=1);

namespace Tests\Operating;

use GuzzleHttp\Exception\TransferException;
use GuzzleHttp\Promise\Coroutine;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Psr\Http\Message\ResponseInterface;

/**
 * Somebody who makes one edit of his drawing after the other, and sends each again, under its name, until it is acknowledged, as the board
 * does.
 */
final class Draughtsman
{
    /** So many edits are made of each, however slow the machine. */
    public const FEWEST = 6;

    private const AGAIN_AFTER = 150;

    /** @var list<string> names of edits */
    public array $acknowledged = [];

    /** @var array<int, int> how many by status; 0 where nothing answered */
    public array $answers = [];

    private function __construct(private readonly Visitor $visitor, public readonly int $scheme) {}

    public static function begin(Visitor $visitor, string $home): self
    {
        $answer = $visitor->post(
            '/drawings',
            ['name' => $home, 'country' => 'us', 'units' => 'imperial', 'between' => 'faces', 'rooms' => ''],
        );
        $board = $answer->getHeaderLine('Location');

        return new self($visitor, (int) Visitor::found('#/schemes/(\d+)/board#', $board));
    }

    /**
     * @param list<self>                 $people
     * @param array<int, callable(): void> $faults by the second in which they happen
     */
    public static function allDraw(array $people, int $seconds, array $faults): void
    {
        $start = microtime(true);
        $isOver = static fn(): bool => microtime(true) - $start > $seconds;
        $working = array_map(static fn(self $person): PromiseInterface => $person->draw($isOver), $people);
        $faulting = Coroutine::of(static function () use ($people, $faults, $start): \Generator {
            while ($faults !== []) {
                // the time is told by the answers that come in
                yield $people[0]->visitor->send('/up', [], 100)->otherwise(static fn(): null => null);
                $second = array_key_first($faults);
                if (microtime(true) - $start > $second) {
                    $faults[$second]();
                    unset($faults[$second]);
                }
            }
        });
        Utils::all([...$working, $faulting])->wait();
    }

    /** @param callable(): bool $isOver */
    private function draw(callable $isOver): PromiseInterface
    {
        return Coroutine::of(function () use ($isOver): \Generator {
            while (!$isOver() || count($this->acknowledged) < self::FEWEST) {
                $number = count($this->acknowledged) + 1;
                $edit = [
                    'edit' => json_encode(['edit' => 'document', 'values' => ['north' => $number % 360]], JSON_THROW_ON_ERROR),
                    'sent_as' => "edit-{$this->scheme}-{$number}",
                    'version' => $number,
                ];
                for ($delay = 0; yield $this->isRefused($edit, $delay); $delay = self::AGAIN_AFTER);
                $this->acknowledged[] = $edit['sent_as'];
            }
        });
    }

    /** @param array<string, string|int> $edit */
    private function isRefused(array $edit, int $delay): PromiseInterface
    {
        return $this->visitor->send("/schemes/{$this->scheme}/acts/edit", $edit, $delay)
            ->then(
                static fn(ResponseInterface $answer): int => $answer->getStatusCode(),
                static fn(\Throwable $fault): int => $fault instanceof TransferException ? 0 : throw $fault,
            )
            ->then(function (int $status): bool {
                $this->answers[$status] = ($this->answers[$status] ?? 0) + 1;

                return $status !== 200;
            });
    }
}
