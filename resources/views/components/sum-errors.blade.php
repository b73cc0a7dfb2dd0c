@props(['sum'])
@foreach ($sum->errors as $error)
    <p
        class="wrong"
        role="alert"
    >{{ $error }} Worked out with the last good value.</p>
@endforeach
