@props(['edit', 'whole' => true, 'key' => null, 'to' => null])
@can('apply', $edit)
    <x-form
        op="edit"
        :to="$to"
        :render="$whole ? 'all' : null"
        :with="['edit' => json_encode(BenchGlow\Edit\Edits::write($edit))]"
        class="act"
    >
        <button
            type="submit"
            {{ $attributes->class('button') }}
            @if ($key) data-key="{{ $key }}" @endif
        >{{ $slot }}</button>
    </x-form>
@endcan
