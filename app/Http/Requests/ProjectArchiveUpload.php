<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Exchange\ProjectContents;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** The archive of a whole project on its way in. */
final class ProjectArchiveUpload extends FormRequest
{
    use RefusedAtDesk;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['archive' => ['required', 'file', 'max:'.intdiv(ProjectContents::LARGEST_BYTES, 1024)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'archive.required' => __('Choose an archive.'),
            'archive.file' => __('Choose an archive.'),
            'archive.max' => __('The archive is larger than 48 MB.'),
            'archive.uploaded' => __('The archive did not arrive: it is larger than 48 MB, or the connection broke.'),
        ];
    }

    /** Where it lies while the request lasts. */
    public function archive(): string
    {
        $file = $this->file('archive');

        return $file instanceof UploadedFile ? $file->getPathname() : '';
    }

    /** @return array<string, mixed> */
    protected function refusal(string $message): array
    {
        return ['refusedArchive' => $message];
    }
}
