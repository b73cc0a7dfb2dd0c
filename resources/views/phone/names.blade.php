{{-- One press says under which name what is done is written. --}}
@php($people = App\LocalNet\People::all())
@if ($people !== [] && Illuminate\Support\Facades\Gate::allows('reach', 'people.sign'))
    @php($now = App\LocalNet\Visitor::person())
    <form
        class="signs"
        method="post"
        action="{{ route('people.sign', [], false) }}"
    >@csrf<span>Written under</span>
        @foreach ([...$people, ''] as $name)
            <button
                class="plain"
                name="name"
                value="{{ $name }}"
                aria-pressed="{{ $name === $now ? 'true' : 'false' }}"
            >{{ $name === '' ? 'no name' : $name }}</button>
        @endforeach
    </form>
@endif
@unless (App\LocalNet\Visitor::isBench())
    <span>The bench is open {{ App\LocalNet\Opening::now()?->untilWords() }}.</span>
    <label class="is-awake"><input
            type="checkbox"
            data-awake
        > The screen stays awake at the work</label>
@endunless
