<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A BCF archive with comments on the items of a letter. */
final class IssuesUpload extends FormRequest
{
    /** kB. */
    private const LARGEST = 20 * 1024;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['issues' => ['required', 'file', 'max:'.self::LARGEST]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'issues.required' => __('Choose a file.'),
            'issues.file' => __('Choose a file.'),
            'issues.max' => __('The file is larger than 20 MB.'),
            'issues.uploaded' => __('The file did not arrive: it is larger than 20 MB, or the connection broke.'),
        ];
    }

    public function content(): string
    {
        $file = $this->file('issues');

        return $file instanceof UploadedFile ? (string) $file->get() : '';
    }
}
