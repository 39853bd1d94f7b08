<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Examination\Country;
use App\Intake\HomeFile;
use App\Intake\UnreadableHomeFile;
use App\Models\Scheme;
use App\Models\User;
use App\Pages\Desk;
use App\Pictures\PdfPage;
use App\Pictures\PictureFile;
use Heurema\Layout\Intake\RoomArrangement;
use Heurema\Layout\Intake\RoomList;
use Heurema\Layout\Intake\RoomSize;
use Heurema\Layout\Intake\UnreadableRoomList;
use Heurema\Layout\Layout;
use Heurema\Layout\Storey;
use Heurema\Units\UnitSystem;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** A home that begins on the board: from listed rooms, or empty. */
final class NewDrawing extends FormRequest
{
    use RefusedAtDesk;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'country' => ['required', Rule::enum(Country::class)],
            'units' => ['required', Rule::enum(UnitSystem::class)],
            'between' => ['required', Rule::enum(RoomSize::class)],
            'rooms' => ['nullable', 'string', 'max:20000'],
            'picture' => ['nullable', ...PictureBeneathRequest::RULES],
            'file' => ['nullable', 'file', 'max:'.intdiv(HomeFile::LARGEST_BYTES, 1024)],
            'as_blocks' => ['nullable', 'boolean'],
            'page' => ['nullable', 'integer', 'between:1,500'],
            'copy_of' => ['nullable', 'integer', Rule::in(array_keys(Desk::of($this->person()->office)->schemes()))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => __('Give the home a name.'),
            'copy_of.in' => __('There is no such home to copy.'),
            'file.max' => __('The file is larger than 48 MB.'),
            'file.uploaded' => __('The file did not arrive: it is larger than 48 MB, or the connection broke.'),
            ...array_map(__(...), PictureBeneathRequest::MESSAGES),
        ];
    }

    public function country(): Country
    {
        return Country::from($this->string('country')->value());
    }

    /** The picture to draw over, if there is one. */
    public function picture(): PictureFile|PdfPage|null
    {
        return $this->hasFile('picture') ? PictureBeneathRequest::read($this->file('picture'), $this->integer('page', 1)) : null;
    }

    /**
     * The file that it begins from, if there is one.
     *
     * @throws UnreadableHomeFile
     */
    public function homeFile(): ?HomeFile
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? HomeFile::read((string) $file->get()) : null;
    }

    public function name(): string
    {
        return $this->string('name')->trim()->value();
    }

    /** @throws UnreadableRoomList */
    public function layout(): Layout
    {
        $units = UnitSystem::from($this->string('units')->value());
        $name = $this->name();
        $copied = Scheme::query()->find($this->integer('copy_of'));
        if ($copied !== null) {
            return $copied->layout->named($name);
        }
        $rooms = $this->string('rooms')->trim()->value();
        $isImperial = $units === UnitSystem::Imperial;
        if ($rooms === '') {
            $storey = new Storey('G', __('Ground floor'), 0.0, $isImperial ? 2438.4 : 2500.0, $isImperial ? 304.8 : 300.0);

            return new Layout($name, $units, storeys: [$storey]);
        }
        $arrangement = new RoomArrangement(
            $units,
            $isImperial ? 165.1 : 240.0,
            $isImperial ? 114.3 : 100.0,
            RoomSize::from($this->string('between')->value()),
        );

        $listed = (new RoomList($units))->read($rooms);

        return $this->boolean('as_blocks') ? $arrangement->blocks($name, $listed) : $arrangement->layout($name, $listed);
    }

    /** @return array<string, mixed> */
    protected function refusal(string $message): array
    {
        return ['refusedDrawing' => [$message]];
    }

    private function person(): User
    {
        $user = $this->user();

        return $user instanceof User ? $user : throw new \LogicException('Nobody is signed in.');
    }
}
