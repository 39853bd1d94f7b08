<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\StaleScheme;
use App\Actions\SubmitScheme;
use App\Actions\TakeFile;
use App\Http\Requests\Api\HandedInHome;
use App\Http\Resources\ReviewResource;
use App\Intake\HomeFile;
use App\Models\Revision;
use App\Models\Scheme;
use App\Models\User;
use App\Pages\ReviewPages;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Review\Schedule;
use Heurema\Review\ScheduleKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Revisions and the state of their reviews, for programs. */
final readonly class RevisionController
{
    public function __construct(private ReviewPages $pages) {}

    /**
     * The file takes the place of what is drawn, and is handed in.
     *
     * @throws StaleScheme when another revision came meanwhile
     * @throws RefusedEdit
     */
    public function store(
        HandedInHome $request,
        Scheme $scheme,
        #[CurrentUser]
        User $user,
        TakeFile $take,
        SubmitScheme $submit,
    ): JsonResponse {
        $file = HomeFile::read($request->home());
        $revision = DB::transaction(static function () use ($request, $scheme, $user, $take, $submit, $file): Revision {
            $current = Scheme::query()->lockForUpdate()->findOrFail($scheme->id);
            $last = $current->latestRevision->number ?? 0;
            if ($request->follows() !== null && $request->follows() !== $last) {
                throw new StaleScheme(__('The last revision is :last.', ['last' => $last]));
            }

            return $submit->submit($take->take($current, $user, $current->version, $file), $user, $request->answer());
        });

        return $this->state($revision)
            ->response()
            ->setStatusCode(Response::HTTP_CREATED)
            ->header('Location', route('api.revision', $revision));
    }

    public function show(Revision $revision): ReviewResource
    {
        return $this->state($revision);
    }

    public function report(Revision $revision): JsonResponse
    {
        return response()->json($this->pages->report($revision)->toArray());
    }

    public function schedule(Revision $revision, ScheduleKind $kind): JsonResponse
    {
        return response()->json(Schedule::of($kind, $this->pages->report($revision))->toArray());
    }

    private function state(Revision $revision): ReviewResource
    {
        $revision->load(['letters.user', 'submitter', 'scheme.project']);

        return new ReviewResource($revision, $this->pages->report($revision));
    }
}
