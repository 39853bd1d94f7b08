<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Exchange\ProjectContents;
use App\Models\User;
use App\Pages\Desk;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\UploadedFile;

/** The archive of a whole project on its way in. */
final class ProjectArchiveUpload extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['archive' => ['required', 'file', 'max:'.intdiv(ProjectContents::LARGEST_BYTES, 1024)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'archive.required' => 'Choose an archive.',
            'archive.file' => 'Choose an archive.',
            'archive.max' => 'The archive is larger than 48 MB.',
            'archive.uploaded' => 'The archive did not arrive: it is larger than 48 MB, or the connection broke.',
        ];
    }

    /** Where it lies while the request lasts. */
    public function archive(): string
    {
        $file = $this->file('archive');

        return $file instanceof UploadedFile ? $file->getPathname() : '';
    }

    /** The desk again with the message beside the field, as 422. */
    protected function failedValidation(Validator $validator): never
    {
        $user = $this->user();
        $desk = $user instanceof User ? Desk::of($user->office) : throw new \LogicException('Nobody is signed in.');

        throw new HttpResponseException(
            response()->view('desk', ['desk' => $desk, 'refusedArchive' => $validator->errors()->first()], 422),
        );
    }
}
