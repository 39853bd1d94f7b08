<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\OpenOffice;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Validator;
use Symfony\Component\Console\Output\OutputInterface;

/** An office with its first principal, who sets a password by the link that is printed and mailed. Exit 2: what was typed is wrong. */
final class OfficeCommand extends Command
{
    use WritesErrors;

    private const WRONG = 2;

    protected $signature = 'heurema:office
        {name : of the office}
        {email : of its first principal, who signs in with it}
        {person : the principal’s name}';

    protected $description = 'Open an office for its first principal';

    public function handle(OpenOffice $action): int
    {
        $typed = Validator::make($this->arguments(), [
            'name' => ['required', 'string', 'max:200'],
            'email' => ['required', 'email', 'max:200', 'unique:users,email'],
            'person' => ['required', 'string', 'max:200'],
        ], ['email.unique' => 'There is an account with this address already.']);
        if ($typed->fails()) {
            $this->complain(implode("\n", $typed->errors()->all()));

            return self::WRONG;
        }
        $link = $action->open($this->argument('name'), $this->argument('email'), $this->argument('person'));
        $said = "{$this->argument('name')} is open. {$this->argument('person')} sets a password at\n{$link}";
        $this->output->writeln($said, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
