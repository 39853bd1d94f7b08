<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\OpenProject;
use App\Http\Requests\Api\HandedInHome;
use App\Http\Resources\ProjectResource;
use App\Http\Resources\ReviewResource;
use App\Intake\HomeFile;
use App\Models\Project;
use App\Models\User;
use App\Pages\ReviewPages;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;

/** The projects of an office, for programs. */
final class ProjectController
{
    private const A_PAGE = 50;

    /** Of a revision, what its summary says. */
    private const REVISIONS = 'schemes.revisions:id,scheme_id,number,state,counts,created_at';

    public function index(#[CurrentUser] User $user): AnonymousResourceCollection
    {
        return ProjectResource::collection(
            $user->office->projects()->with(['schemes:id,project_id,name', self::REVISIONS])->latest('id')->paginate(self::A_PAGE),
        );
    }

    public function show(Project $project): ProjectResource
    {
        return new ProjectResource($project->load(['schemes:id,project_id,name', self::REVISIONS]));
    }

    public function store(HandedInHome $request, #[CurrentUser] User $user, OpenProject $action, ReviewPages $pages): JsonResponse
    {
        $file = HomeFile::read($request->home());
        $revision = $action->open($user, $file->layout, $request->address(), $request->books(), $file->imported());

        return (new ReviewResource($revision, $pages->report($revision)))
            ->response()
            ->setStatusCode(Response::HTTP_CREATED)
            ->header('Location', route('api.revision', $revision));
    }
}
