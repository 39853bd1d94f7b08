<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Revision;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A revision as it is listed.
 *
 * @mixin Revision
 */
final class RevisionSummary extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->id,
            'number' => $this->number,
            'state' => $this->state->value,
            'submitted_at' => $this->created_at->toIso8601ZuluString(),
            'counts' => $this->counts,
            'url' => route('api.revision', $this->id),
        ];
    }
}
