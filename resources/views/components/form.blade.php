{{-- Written out, not made of smaller components: a large page has hundreds of these. --}}
@props(['op', 'echo' => null, 'onChange' => false, 'render' => null, 'with' => [], 'to' => null])
@if ($op === 'edit' || Illuminate\Support\Facades\Gate::allows('send', $op))
    <form
        method="post"
        action="{{ $to ?? $frame->to('edit') }}"
        hx-post="{{ $to ?? $frame->to('edit') }}"
        @if ($onChange) hx-trigger="change" @endif
        {{ $attributes }}
    >
        @csrf
        <input
            type="hidden"
            name="base0"
            value="{{ $frame->base }}"
        >
        <input
            type="hidden"
            name="token0"
            value="{{ bin2hex(random_bytes(8)) }}"
        >
        @if ($echo)
            <input
                type="hidden"
                name="echo"
                value="{{ $echo }}"
            >
        @endif
        <input
            type="hidden"
            name="op"
            value="{{ $op }}"
        >
        @foreach ($with as $name => $value)
            <input
                type="hidden"
                name="{{ $name }}"
                value="{{ $value }}"
            >
        @endforeach
        @if ($render)
            <input
                type="hidden"
                name="render"
                value="{{ $render }}"
            >
        @endif
        {{ $slot }}
    </form>
@endif
