<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Project;
use App\Models\Scheme;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A project with its schemes and their revisions.
 *
 * @mixin Project
 */
final class ProjectResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'address' => $this->address,
            'kind' => $this->kind?->value,
            'books' => $this->books,
            'url' => route('api.project', $this->id),
            'schemes' => $this->schemes->map(fn(Scheme $scheme): array => [
                'id' => $scheme->id,
                'name' => $scheme->name,
                'is_picked' => $scheme->id === $this->picked_scheme_id,
                'revisions' => RevisionSummary::collection($scheme->revisions->sortBy('number')->values())->toArray($request),
            ])->all(),
        ];
    }
}
