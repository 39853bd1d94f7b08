<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Heurema\Units\Amount;
use Heurema\Units\ExpectedLength;
use Heurema\Units\LengthReader;
use Heurema\Units\ReadLength;
use Heurema\Units\SizeReader;
use Heurema\Units\SpacingReader;
use Heurema\Units\TypingUnit;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Says how a length, a size of two sides or distances that follow one another, being typed is understood, before it counts. */
final class LengthController
{
    private const SIZE = 'size';
    private const SPACINGS = 'spacings';

    public function __invoke(Request $request): Response
    {
        $units = UnitSystem::tryFrom($request->string('units')->value()) ?? UnitSystem::Metric;
        $text = $request->string('text')->value();
        if (trim($text) === '') {
            return self::plain('');
        }
        $typing = TypingUnit::tryFrom($request->string('typing')->value()) ?? TypingUnit::Millimetre;
        $reader = new LengthReader($units, $typing);
        try {
            return match ($request->string('kind')->value()) {
                self::SIZE => self::plain(self::size($text, $reader)),
                self::SPACINGS => self::plain(self::spacings($text, new SpacingReader($units, $typing), $units)),
                default => $this->length($request, $text, $units, $reader),
            };
        } catch (UnreadableLength $e) {
            return self::plain($e->getMessage(), 422);
        }
    }

    /** Text, so that quotes are quotes. */
    private static function plain(string $text, int $status = 200): Response
    {
        return response($text, $status, ['Content-Type' => 'text/plain; charset=UTF-8']);
    }

    private static function size(string $text, LengthReader $reader): string
    {
        return implode(' × ', array_map(static fn(ReadLength $side): string => $side->reading, (new SizeReader($reader))->read($text)));
    }

    private static function spacings(string $text, SpacingReader $reader, UnitSystem $units): string
    {
        $read = $reader->read($text);
        $total = $units->notation()->write(Amount::length(array_sum(array_map(static fn(ReadLength $one): float => $one->mm, $read))));

        return __(':read, together :total', [
            'read' => implode(' | ', array_map(static fn(ReadLength $one): string => $one->reading, $read)),
            'total' => $total,
        ]);
    }

    private function length(Request $request, string $text, UnitSystem $units, LengthReader $reader): Response
    {
        $read = $reader->read($text);
        $doubt = $this->kind($request->string('kind')->value())?->doubt($read->mm, $units);

        return self::plain(
            $read->reading.($doubt === null ? '' : '. '.$doubt->question($units->notation())),
        )->header('X-Millimetres', (string) $read->mm);
    }

    private function kind(string $name): ?ExpectedLength
    {
        foreach (ExpectedLength::cases() as $kind) {
            if ($kind->name === $name) {
                return $kind;
            }
        }

        return null;
    }
}
