<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\OpenProject;
use App\Models\Scheme;
use App\Models\User;
use Heurema\Layout\Layout;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** A project of the person signed in, and acts on the board of its scheme. */
trait ActsOnBoard
{
    private Scheme $scheme;

    private function open(Layout $layout): void
    {
        $user = auth()->user();
        $this->scheme = $this->app->make(OpenProject::class)->open(
            $user instanceof User ? $user : throw new \LogicException(),
            $layout,
            null,
            ['us-irc-2021'],
        )->scheme;
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return TestResponse<Response>
     */
    private function act(string $act, array $values): TestResponse
    {
        return $this->post(
            "/schemes/{$this->scheme->id}/acts/{$act}",
            ['version' => $this->scheme->refresh()->version, 'storey' => 'G', 'select' => '', ...$values],
        );
    }

    private function layout(): Layout
    {
        return $this->scheme->refresh()->layout;
    }
}
