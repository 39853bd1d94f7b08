<input type="hidden" name="{{ App\Http\Middleware\DoneOnce::FIELD }}" value="{{ Illuminate\Support\Str::random(20) }}">
