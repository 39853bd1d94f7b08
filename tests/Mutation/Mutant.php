<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** One small change of one file. */
final readonly class Mutant
{
    /**
     * @param string $file from the folder of the project
     * @param string $was  the code that is replaced, between two offsets of the file
     */
    public function __construct(
        public string $file,
        public int $line,
        public int $lastLine,
        public string $was,
        public string $becomes,
        private int $start,
        private int $end,
    ) {}

    public function code(string $original): string
    {
        return substr($original, 0, $this->start).$this->becomes.substr($original, $this->end + 1);
    }

    public function words(): string
    {
        $short = static fn(string $code): string => mb_strimwidth((string) preg_replace('/\s+/', ' ', $code), 0, 90, '…');

        return "{$this->file}:{$this->line}  {$short($this->was)}  ->  {$short($this->becomes)}";
    }
}
