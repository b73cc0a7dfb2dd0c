@props(['edit', 'whole' => true, 'key' => null])
<x-form
    op="edit"
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
