<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Intake\HomeFile;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A file that takes the place of what is drawn on a scheme. */
final class TakenFile extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'file' => ['required', 'file', 'max:'.intdiv(HomeFile::LARGEST_BYTES, 1024)],
            'version' => ['required', 'integer', 'min:1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'file.required' => __('Choose a file.'),
            'file.file' => __('Choose a file.'),
            'file.max' => __('The file is larger than 48 MB.'),
            'file.uploaded' => __('The file did not arrive: it is larger than 48 MB, or the connection broke.'),
        ];
    }

    public function content(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? (string) $file->get() : '';
    }
}
