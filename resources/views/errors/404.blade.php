@extends('errors.page')
@section('title', 'Nothing hangs here')
@section('says', 'There is no page at this address. The build may have been taken down, or the address was cut short.')
@section('kept', 'Builds that were taken down are listed at the end of the wall, and can be hung back.')
